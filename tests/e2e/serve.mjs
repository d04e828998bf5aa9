// Starts the application for the browser tests: ./start with a throwaway data folder.
import { spawn } from "node:child_process";
import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";

const root = resolve(import.meta.dirname, "../..");
const folder = mkdtempSync(join(tmpdir(), "jaunty-e2e-"));
chmodSync(folder, 0o755);
const app = spawn(join(root, "start"), ["--port", process.argv[2]], {
  stdio: "inherit",
  env: { ...process.env, JAUNTY_DATA: join(folder, "db") },
});
for (const signal of ["SIGTERM", "SIGINT"])
  process.on(signal, () => app.kill("SIGTERM"));
app.on("exit", (code) => {
  rmSync(folder, { recursive: true, force: true });
  process.exit(code ?? 0);
});
