// Starts the application for the browser tests: ./start with a throwaway data folder. With JAUNTY_E2E_LATE each reply comes late, by up to
// that many milliseconds at random, so that a test which does not wait for what it needs fails here and not on a busy day.
import { spawn } from "node:child_process";
import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { createServer, request } from "node:http";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";

const root = resolve(import.meta.dirname, "../..");
const port = Number(process.argv[2]);
const late = Number(process.env.JAUNTY_E2E_LATE ?? 0);
const own = late > 0 ? port + 500 : port;
const folder = mkdtempSync(join(tmpdir(), "jaunty-e2e-"));
chmodSync(folder, 0o755);
const app = spawn(join(root, "start"), ["--port", String(own)], {
  stdio: "inherit",
  env: { ...process.env, JAUNTY_DATA: join(folder, "db") },
});
for (const signal of ["SIGTERM", "SIGINT"])
  process.on(signal, () => app.kill("SIGTERM"));
app.on("exit", (code) => {
  rmSync(folder, { recursive: true, force: true });
  process.exit(code ?? 0);
});

if (late > 0)
  createServer((asked, reply) => {
    const { url, method, headers } = asked;
    const passed = request(
      { host: "127.0.0.1", port: own, path: url, method, headers },
      (answer) =>
        setTimeout(() => {
          reply.writeHead(answer.statusCode, answer.headers);
          answer.pipe(reply);
        }, Math.random() * late),
    );
    passed.on("error", () => reply.destroy());
    reply.on("close", () => passed.destroy());
    asked.pipe(passed);
  }).listen(port, "127.0.0.1");
