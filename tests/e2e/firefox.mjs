// One pass through each room in Debian's Firefox, over WebDriver BiDi (W3C): pages open without complaint, keys and hand work.
// Run by firefox.spec.ts with the address of an application; ends with exit code 1 and the reason when something does not hold.
import { spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

const address = process.argv[2];
const patience = 30_000;

/** Firefox with a profile of its own, and the address at which it listens. */
async function firefox() {
  const profile = mkdtempSync(join(tmpdir(), "jaunty-firefox-"));
  const run = spawn(
    process.env.FIREFOX ?? "/usr/bin/firefox-esr",
    [
      "--headless",
      "--no-remote",
      "--profile",
      profile,
      "--remote-debugging-port",
      "0",
    ],
    {
      stdio: ["ignore", "ignore", "pipe"],
      env: { ...process.env, HOME: profile, MOZ_DISABLE_CONTENT_SANDBOX: "1" },
    },
  );
  const ended = new Promise((done) => run.on("exit", done));
  const listening = await new Promise((found, lost) => {
    let said = "";
    run.stderr.on("data", (part) => {
      said += part;
      const at = /WebDriver BiDi listening on (ws:\S+)/.exec(said);
      if (at) found(at[1]);
    });
    ended.then(() => lost(new Error(`Firefox did not start: ${said}`)));
  });
  return {
    listening,
    stop: async () => {
      run.kill();
      await ended;
      rmSync(profile, { recursive: true, force: true });
    },
  };
}

/** A session: commands with their answers, and what happens meanwhile. */
async function session(at, onevent) {
  const socket = new WebSocket(`${at}/session`);
  await new Promise((open, failed) => {
    socket.onopen = open;
    socket.onerror = () => failed(new Error("Firefox cannot be reached."));
  });
  const waiting = new Map();
  let last = 0;
  socket.onmessage = ({ data }) => {
    const message = JSON.parse(data);
    if (message.type === "event") return onevent(message);
    const { done, failed } = waiting.get(message.id);
    waiting.delete(message.id);
    if (message.type === "error")
      failed(new Error(`${message.error}: ${message.message}`));
    else done(message.result);
  };
  return (method, params) =>
    new Promise((done, failed) => {
      waiting.set(++last, { done, failed });
      socket.send(JSON.stringify({ id: last, method, params }));
    });
}

class Page {
  constructor(send, context) {
    Object.assign(this, { send, context });
  }

  async run(expression) {
    const reply = await this.send("script.evaluate", {
      expression,
      target: { context: this.context },
      awaitPromise: true,
    });
    if (reply.type === "exception")
      throw new Error(`${reply.exceptionDetails.text} in ${expression}`);
    return reply.result.value;
  }

  async open(path) {
    await this.send("browsingContext.navigate", {
      context: this.context,
      url: address + path,
      wait: "complete",
    });
  }

  /** Waits until an expression is true, or says a value. */
  async until(what, expression) {
    const end = Date.now() + patience;
    for (;;) {
      const value = await this.run(expression).catch(() => null);
      if (value) return value;
      if (Date.now() > end) throw new Error(`It never came true: ${what}.`);
      await new Promise((wait) => setTimeout(wait, 100));
    }
  }

  /** The middle of an element in the window; it is waited for. */
  async middleOf(what, found) {
    const text = await this.until(
      what,
      `(() => { const it = ${found}; if (!it || !it.checkVisibility()) return null;
        it.scrollIntoView({ block: 'center', behavior: 'instant' });
        const box = it.getBoundingClientRect();
        return JSON.stringify([box.left + box.width / 2, box.top + box.height / 2]) })()`,
    );
    const [x, y] = JSON.parse(text);
    return { x: Math.round(x), y: Math.round(y) };
  }

  async hand(...actions) {
    await this.send("input.performActions", {
      context: this.context,
      actions: [{ type: "pointer", id: "mouse", actions }],
    });
  }

  async click(what, found) {
    const at = await this.middleOf(what, found);
    await this.hand(
      { type: "pointerMove", ...at },
      { type: "pointerDown", button: 0 },
      { type: "pointerUp", button: 0 },
    );
  }

  async drag(from, to) {
    await this.hand(
      { type: "pointerMove", ...from },
      { type: "pointerDown", button: 0 },
      {
        type: "pointerMove",
        x: Math.round((from.x + to.x) / 2),
        y: Math.round((from.y + to.y) / 2),
      },
      { type: "pointerMove", ...to },
      { type: "pointerUp", button: 0 },
    );
  }

  async keys(text) {
    const actions = [...text].flatMap((value) => [
      { type: "keyDown", value },
      { type: "keyUp", value },
    ]);
    await this.send("input.performActions", {
      context: this.context,
      actions: [{ type: "key", id: "keys", actions }],
    });
  }

  async type(label, text) {
    await this.click(label, labelled(label));
    await this.keys(text);
  }
}

const pageDown = "\uE00F";
const enter = "\uE007";
const caption = `document.querySelector('[data-testid=caption]')?.textContent`;
const lies = `document.querySelector('[data-testid=protractor]')?.getAttribute('transform')`;
const button = (text) =>
  `[...document.querySelectorAll('button, a')].find((it) => it.textContent.trim().startsWith(${JSON.stringify(text)}) && it.checkVisibility())`;
const labelled = (text) =>
  `[...document.querySelectorAll('label')].find((it) => it.textContent.trim().startsWith(${JSON.stringify(text)}))?.control`;

async function carriesTheProtractor(page) {
  const before = await page.until("a protractor lies there", lies);
  const from = await page.middleOf(
    "its body",
    `document.querySelector('[data-testid=protractor] .grip.body')`,
  );
  // Above the middle of the box there is plastic and not the hole.
  const hold = { x: from.x, y: from.y - 6 };
  await page.drag(hold, { x: hold.x + 60, y: hold.y + 20 });
  await page.until(
    "the protractor is carried by hand",
    `${lies} !== ${JSON.stringify(before)}`,
  );
}

async function isWhole(page, what) {
  const wide = await page.run(
    "document.scrollingElement.scrollWidth - innerWidth",
  );
  if (wide > 1) throw new Error(`${what} scrolls sideways by ${wide}.`);
}

const browser = await firefox();
const complaints = [];
try {
  const send = await session(browser.listening, ({ method, params }) => {
    if (method === "log.entryAdded" && params.level === "error")
      complaints.push(params.text);
  });
  await send("session.new", { capabilities: {} });
  await send("session.subscribe", { events: ["log.entryAdded"] });
  const { contexts } = await send("browsingContext.getTree", {});
  const page = new Page(send, contexts[0].context);
  await send("browsingContext.setViewport", {
    context: page.context,
    viewport: { width: 1280, height: 800 },
  });

  await page.open("/");
  await page.until("the front door has a heading", `document.querySelector('h1')?.textContent`);
  await isWhole(page, "The front door");

  await page.open("/board?measure=64");
  const first = await page.until("the Board has a caption", caption);
  await page.keys(pageDown);
  await page.until(
    "the clicker steps on",
    `${caption} && ${caption} !== ${JSON.stringify(first)}`,
  );
  await page.click("Instruments", button("Instruments"));
  await page.click("another instrument", button("Raised marks"));
  await carriesTheProtractor(page);
  await isWhole(page, "The Board");

  await page.open("/bench");
  await page.type("Class code", "heron6");
  await page.type("Your first name", "Greta");
  await page.type("PIN", "6031");
  await page.keys(enter);
  await page.click("the set", button("Cranes and sails"));
  await carriesTheProtractor(page);
  await page.type("Your reading", "3");
  await page.keys(enter);
  await page.until(
    "the answer is marked",
    `document.querySelector('[data-testid=feedback]')?.textContent`,
  );
  await isWhole(page, "The Bench");

  await page.open("/desk");
  await page.type("User name", "fenwick");
  await page.type("Password", "brass and blue ink");
  await page.keys(enter);
  await page.click("New set", button("New set"));
  await page.until("five questions are made", `document.querySelectorAll('article').length === 5`);
  await page.click("the kinds", button("choose kinds from pictures"));
  await page.until("a picture of each kind", `document.querySelectorAll('[role=dialog] svg.sheet').length === 26`);
  await isWhole(page, "The Desk");
  if (complaints.length > 0)
    throw new Error(`The pages complain: ${complaints.join("; ")}`);
  console.log("each room was walked through");
} catch (error) {
  console.error(String(error));
  process.exitCode = 1;
} finally {
  await browser.stop();
}
process.exit();
