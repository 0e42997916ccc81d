// Answers at HOST:PORT and hands requests, each once it is there as a whole, to a crew: WORKERS processes of PHP's own server that share
// what is compiled. A crew that has given REQUESTS answers a head, of whom one has died or takes more than MEGABYTES, goes on until another
// has warmed up, finishes what it is at, and ends: no request is lost by it but what somebody died over.

import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { openSync, readFileSync } from 'node:fs';
import { createServer, request } from 'node:http';
import { connect, createServer as listener } from 'node:net';

const { HOST = '127.0.0.1', PORT = '8080', WORKERS = '4', REQUESTS = '1000', MEGABYTES = '500', SERVE_LOG } = process.env;
const PAGES_A_MEGABYTE = 256;
/** Of a body, as PHP takes it, and a little more: then PHP says what is wrong. */
const MOST_BYTES = 83 * 1024 * 1024;
const HOUR = 3_600_000;
/** By what a crew knows that it was told here who asks. */
const secret = randomBytes(24).toString('hex');
const PEER = 'x-front-peer';
const LENGTH = 'content-length';
const OF_A_HOP = ['connection', 'keep-alive', 'transfer-encoding', 'expect', 'upgrade', PEER];
const BROKEN = '<!doctype html><title>Broken off</title><p>What was to answer has broken off. Reload the page.';
const SETTINGS = [
    'upload_max_filesize=81M',
    'post_max_size=82M',
    'max_input_vars=20000',
    'expose_php=0',
    'display_errors=0',
    'log_errors=0',
    'variables_order=EGPCS',
    // Says in a list of processes whose they are.
    `pensilis.front=${HOST}:${PORT}`,
].flatMap((one) => ['-d', one]);

const log = openSync(SERVE_LOG || '/dev/null', 'a');
const crews = new Set();
const waiting = [];
let current = null;
let next = null;
let ending = false;

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const forward = (raw) => raw.filter((_, n) => !OF_A_HOP.includes(raw[n - (n % 2)].toLowerCase()));

function freePort() {
    return new Promise((resolve) => {
        const one = listener().listen(0, '127.0.0.1', () => {
            const { port } = one.address();
            one.close(() => resolve(port));
        });
    });
}

function isThere(port) {
    return new Promise((resolve) => {
        const socket = connect(port, '127.0.0.1');
        socket.on('connect', () => {
            socket.destroy();
            resolve(true);
        });
        socket.on('error', () => resolve(false));
    });
}

/** Compiles what every page needs. */
function warm(port) {
    return new Promise((resolve) => {
        const asked = request({ port, path: '/sign-in', agent: false }, (answer) => answer.resume());
        asked.on('close', resolve).on('error', () => {});
        asked.end();
    });
}

/** The processes of a crew; none where the system does not tell. */
function members({ process: { pid } }) {
    try {
        return [String(pid), ...readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').trim().split(' ')];
    } catch {
        return [];
    }
}

/** How much memory a process takes; undefined where it is no more. */
function megabytes(pid) {
    try {
        return Number(readFileSync(`/proc/${pid}/statm`, 'utf8').split(' ')[1]) / PAGES_A_MEGABYTE || undefined;
    } catch {
        return undefined;
    }
}

const hasDoneItsShare = (crew) => crew.answered >= Number(REQUESTS) * Number(WORKERS);

function isWorn(crew) {
    const sizes = members(crew).map(megabytes);

    return hasDoneItsShare(crew) || sizes.filter(Boolean).length < crew.size || sizes.some((size) => size > Number(MEGABYTES));
}

/** Null where it does not begin. */
async function begin() {
    const port = await freePort();
    const crew = { port, busy: 0, answered: 0, size: 0, isOver: false };
    crew.process = spawn('bin/fast-php', [...SETTINGS, '-S', `127.0.0.1:${port}`, '-t', 'public', 'bootstrap/serve.php'], {
        // A group of its own, so that nobody is left behind.
        detached: true,
        stdio: ['ignore', 'ignore', log],
        env: { ...process.env, PHP_CLI_SERVER_WORKERS: WORKERS, FRONT_SECRET: secret },
    });
    crews.add(crew);
    crew.process.on('error', ({ message }) => fail(message));
    crew.process.on('exit', () => crews.delete(crew));
    while (crews.has(crew)) {
        if (await isThere(port)) {
            await warm(port);
            crew.size = members(crew).length;
            return crew;
        }
        await pause(20);
    }

    return null;
}

function dismiss(crew) {
    crew.isOver = true;
    if (crew.busy === 0) {
        stop(crew);
    }
}

function stop({ process: { pid } }) {
    try {
        process.kill(-pid, 'SIGKILL');
    } catch {
        // It has ended by itself.
    }
}

/** Puts another crew in the place of one that is worn; one that cannot begin is tried again. */
async function relieve() {
    next ??= begin();
    const crew = await next;
    next = null;
    if (crew === null) {
        await pause(500);
        return relieve();
    }
    const old = current;
    current = crew;
    if (old !== null) {
        dismiss(old);
    }
    hand();
}

/** Gives a crew as much as it has workers. */
function hand() {
    while (waiting.length > 0 && current.busy < Number(WORKERS)) {
        ask(current, waiting.shift());
    }
}

function look() {
    if (next === null && isWorn(current)) {
        relieve();
    }
}

function ask(crew, asked) {
    const { from, body, to } = asked;
    crew.busy++;
    const headers = [...forward(from.rawHeaders), PEER, `${secret} ${from.socket.remoteAddress ?? ''}`];
    // Of what was kept of it.
    headers.forEach((name, n) => n % 2 === 0 && name.toLowerCase() === LENGTH && (headers[n + 1] = String(body.length)));
    const passed = request({ port: crew.port, method: from.method, path: from.url, headers, agent: false, setHost: false });
    let isAnswered = false;
    let isBroken = false;
    let soon = 0;
    passed.on('response', (answer) => {
        isAnswered = true;
        to.writeHead(answer.statusCode, answer.statusMessage, forward(answer.rawHeaders));
        // As fast as it comes: a slow reader holds no worker.
        answer.on('data', (part) => to.write(part));
        answer.on('end', () => to.end());
        answer.on('error', () => to.destroy());
    });
    passed.on('error', ({ code }) => {
        isBroken = true;
        if (!isAnswered && code === 'ECONNREFUSED') {
            waiting.unshift(asked);
            soon = 50;
        } else if (!isAnswered) {
            to.writeHead(502, { 'Content-Type': 'text/html; charset=utf-8' }).end(BROKEN);
        }
    });
    passed.on('close', () => {
        crew.busy--;
        crew.answered++;
        if (crew.isOver) {
            dismiss(crew);
        } else if (isBroken || hasDoneItsShare(crew)) {
            look();
        }
        setTimeout(hand, soon);
    });
    passed.end(body);
}

async function read(from, to) {
    const parts = [];
    let bytes = 0;
    try {
        for await (const part of from) {
            bytes += part.length;
            if (bytes <= MOST_BYTES) {
                parts.push(part);
            }
        }
    } catch {
        return;
    }
    if (from.headers['transfer-encoding'] !== undefined) {
        to.writeHead(411).end();
        return;
    }
    waiting.push({ from, to, body: Buffer.concat(parts) });
    hand();
}

/** What has had its time is thrown away. */
function prune() {
    spawn('php', ['artisan', 'pensilis:prune'], { stdio: 'ignore' }).on('error', () => {});
}

function end(code) {
    ending = true;
    crews.forEach(stop);
    process.exit(code);
}

function fail(why) {
    if (!ending) {
        process.stderr.write(`pensilis: ${why}\n`);
        end(1);
    }
}

['SIGINT', 'SIGTERM', 'SIGHUP'].forEach((signal) => process.on(signal, () => end(0)));
const front = createServer(read);
front.on('error', ({ code, message }) => fail(code === 'EADDRINUSE' ? `something answers at ${HOST}:${PORT} already` : message));
current = await begin();
if (current === null) {
    fail("PHP's own server does not begin");
}
front.listen(Number(PORT), HOST);
setInterval(look, 1000);
setInterval(prune, HOUR);
prune();
