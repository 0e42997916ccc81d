// What is typed into the form of a piece is sent as what it changes: by place, what the field showed and what stands there now. So an
// older page writes nothing back, and two that change the same are told. One change is sent after another; what the server has not
// acknowledged is kept in this window, and sent when the page is there again.

import htmx from 'htmx.org';
import { onceHeard } from './listening.js';
import { form, isUnderWay, oneGo, send } from './piece-form.js';

const place = () => `typed:${window.location.pathname}`;

/** By field: what the server has, and what was sent and never answered. */
const known = new WeakMap();
let sent = new Map();
/** What was refused, by field; and what the request said of each that was. */
const refused = new Map();
let answered = new Map();
/** Presses that wait until what was typed before them is answered, by what was pressed; twice is meant once. */
let waiting = new Map();
/** The field in which a text is not finished yet. */
let typing = null;

function asMade(field) {
    if (field.dataset.shown !== undefined) {
        return field.dataset.shown;
    }
    if (!(field instanceof HTMLSelectElement)) {
        return field.defaultValue;
    }
    return ([...field.options].find((option) => option.defaultSelected) ?? field.options[0])?.value ?? '';
}

function of(field) {
    if (!known.has(field)) {
        known.set(field, { shown: asMade(field), unsure: [] });
    }
    return known.get(field);
}

const fields = () => [...form().elements].filter((field) => field.name?.startsWith('f['));
const isRefused = (field) => refused.get(field.name) === field.value;
/** Also what was typed back to what it was, while the server may have got what stood there between. */
const isUnsaved = (field) => field.value !== of(field).shown || of(field).unsure.length > 0;
const unsaved = () => fields().filter(isUnsaved);

/**
 * What was moved on while an answer came stays where the hand has put it; the rest is where the answer shows it.
 *
 * @param {Map} moved by what was moved
 * @param {(key: any) => Element[]} fieldsOf which say where it is
 * @param {(key: any, to: any) => void} put
 */
export function keepMoved(moved, fieldsOf, put) {
    for (const [key, to] of moved) {
        const some = fieldsOf(key);
        if (some.every(Boolean) && some.some(isUnsaved)) {
            put(key, to);
        } else {
            moved.delete(key);
        }
    }
}

/** What is new to be sent, and nothing half typed. */
const changed = () => unsaved().filter((field) => !isRefused(field) && field !== typing);
/** What was refused goes with it: some values only make sense together. */
const toSend = () => unsaved().filter((field) => field !== typing);
const pointer = (field) => field.name.slice(2, -1);
const edits = (some) => Object.fromEntries(some.map((field) => [pointer(field), [of(field).shown, ...of(field).unsure, field.value]]));

function keep() {
    const some = unsaved();
    if (some.length > 0) {
        sessionStorage.setItem(place(), JSON.stringify({ f: edits(some), refused: some.filter(isRefused).map(pointer) }));
    } else {
        sessionStorage.removeItem(place());
    }
}

/** Puts texts back into their fields, and tells whether the server may not have them. */
function put(typed) {
    let some = false;
    for (const field of fields()) {
        const texts = typed[pointer(field)];
        const unsure = texts?.slice(1, -1) ?? [];
        // What it shows may be from before something that is still on its way: then it is sent all the same.
        if (!texts || (texts.at(-1) === field.value && unsure.length === 0)) {
            continue;
        }
        // A text that was shown before and is no longer is sent along: then the server asks which of the two to keep.
        of(field).unsure = unsure;
        of(field).shown = texts[0];
        field.value = texts.at(-1);
        some = true;
    }
    return some;
}

/** Puts back what was typed before the page was left or the session ended, and sends it. */
function restore() {
    let typed;
    try {
        typed = JSON.parse(sessionStorage.getItem(place()) ?? '{}');
    } catch {
        typed = {};
    }
    sessionStorage.removeItem(place());
    const some = put(typed.f ?? {});
    fields()
        .filter((field) => typed.refused?.includes(pointer(field)))
        .forEach((field) => refused.set(field.name, field.value));
    if (some) {
        onceHeard(send);
    }
}

function acquit(field) {
    field.removeAttribute('aria-invalid');
    refused.delete(field.name);
    field.parentElement.querySelector('.refused')?.remove();
}

/** Says beside each field that was refused why, until something else stands there. */
function mark() {
    // Once each: something else may stand in the field by the time that another answer comes.
    for (const why of document.querySelectorAll('#refusal [data-field]:not([data-marked])')) {
        const field = fields().find((one) => one.name === why.dataset.field);
        why.dataset.marked = '';
        if (field) {
            refused.set(field.name, answered.get(field.name) ?? field.value);
            field.parentElement.querySelector('.refused')?.remove();
            field.insertAdjacentHTML('afterend', '<p class="refused"></p>');
            field.nextElementSibling.textContent = why.textContent;
        }
    }
    for (const field of fields().filter((one) => refused.has(one.name))) {
        if (isRefused(field)) {
            field.setAttribute('aria-invalid', 'true');
        } else {
            acquit(field);
        }
    }
}

function tell(words) {
    const refusal = document.querySelector('#refusal');
    if (refusal) {
        refusal.textContent = words;
    }
}

const isComputed = () => 'computed' in document.querySelector('#answer').dataset;

/** A press as it was meant, for when its form may have come anew for something else; what it saw is what is there by then. */
function pressed(other, submitter) {
    if (other.enctype === 'multipart/form-data') {
        return () => other.isConnected && other.requestSubmit();
    }
    const again = document.createElement('form');
    for (const { name, value } of other.attributes) {
        again.setAttribute(name, value);
    }
    again.hidden = true;
    for (const [name, value] of new FormData(other, submitter)) {
        const field = again.appendChild(document.createElement('input'));
        Object.assign(field, { type: 'hidden', name, value });
    }
    return () => {
        const saw = again.elements.namedItem('of');
        if (saw) {
            saw.value = document.querySelector('#answer').dataset.of;
        }
        document.body.append(again);
        htmx.process(again);
        again.requestSubmit();
        again.addEventListener('htmx:finally:request', () => again.remove());
    };
}

if (form()) {
    document.addEventListener('input', ({ target }) => {
        typing = target;
    });
    document.addEventListener('change', () => {
        typing = null;
    });
    // Made when it is sent, not when it was typed: by then the answer to the one before is there.
    document.addEventListener('htmx:before:request', ({ detail: { ctx } }) => {
        if (ctx.sourceElement !== form()) {
            return;
        }
        const some = toSend();
        const body = new URLSearchParams([...ctx.request.body].filter(([name]) => !name.startsWith('f[') && name !== 'of'));
        body.set(
            'edit',
            JSON.stringify({
                of: document.querySelector('#answer').dataset.of,
                f: edits(some),
                refused: some.filter(isRefused).map(pointer),
            }),
        );
        body.set('go', oneGo());
        ctx.request.body = body;
        sent = new Map(some.map((field) => [field, field.value]));
        for (const [field, value] of sent) {
            of(field).unsure.push(value);
        }
    });
    document.addEventListener('htmx:after:request', ({ detail: { ctx } }) => {
        if (ctx.sourceElement !== form()) {
            return;
        }
        answered = new Map([...sent].map(([field, value]) => [field.name, value]));
        // All else may be kept.
        const left = JSON.parse(ctx.response.headers.get('X-Left') ?? '[]');
        for (const [field, value] of sent) {
            if (ctx.response.status < 300 && !left.includes(pointer(field))) {
                known.set(field, { shown: value, unsure: [] });
                acquit(field);
            } else if (ctx.response.status < 500) {
                of(field).unsure.pop();
            }
        }
        sent = new Map();
        keep();
    });
    document.addEventListener('htmx:error', ({ detail: { ctx } }) => {
        if (ctx.sourceElement === form()) {
            sent = new Map();
            tell(form().dataset.unreached);
        }
    });
    document.addEventListener('htmx:finally:request', ({ detail: { ctx } }) => {
        if (ctx.sourceElement === form()) {
            const some = waiting;
            waiting = new Map();
            some.forEach((again) => again());
        }
    });
    // Where the whole piece comes anew, what is typed and not sent yet stays.
    let before = null;
    document.addEventListener('htmx:before:swap', ({ detail: { ctx } }) => {
        before =
            ctx.select !== '#piece'
                ? null
                : {
                      unsent: edits(unsaved()),
                      texts: new Map(fields().map((field) => [field, field.value])),
                  };
    });
    document.addEventListener('htmx:after:swap', () => {
        if (before !== null) {
            for (const field of fields()) {
                known.delete(field);
                // Not what was typed in the moment between.
                if (field.value === before.texts.get(field)) {
                    field.value = asMade(field);
                }
            }
            put(before.unsent);
            before = null;
        }
        mark();
    });
    // What others have changed is shown where nobody has typed over it.
    document.addEventListener('htmx:after:swap', () => {
        const answer = document.querySelector('#answer');
        const others = JSON.parse(answer?.dataset.others ?? '{}');
        for (const field of fields()) {
            const text = others[pointer(field)];
            if (text !== undefined && field.value === of(field).shown && field !== document.activeElement) {
                field.value = text;
                known.set(field, { shown: text, unsure: [] });
            }
        }
        for (const saw of document.querySelectorAll('input[name="of"]')) {
            if (!saw.closest('.conflict')) {
                saw.value = answer.dataset.of;
            }
        }
    });
    // What asks for the pours that were found waits until they are.
    let found = new Map();
    document.addEventListener('htmx:after:swap', () => {
        if (isComputed()) {
            const some = found;
            found = new Map();
            some.forEach((again) => again());
        }
    });
    // Before htmx hears of it.
    document.addEventListener(
        'submit',
        (event) => {
            if ('afterHeat' in event.target.dataset && !isComputed()) {
                event.preventDefault();
                event.stopImmediatePropagation();
                found.set(event.submitter ?? event.target, pressed(event.target, event.submitter));
                return;
            }
            const waits = event.target !== form() && event.target.method === 'post' && !event.target.closest('.conflict');
            if (waits && (isUnderWay() || changed().length > 0)) {
                event.preventDefault();
                event.stopImmediatePropagation();
                waiting.set(event.submitter ?? event.target, pressed(event.target, event.submitter));
                // A tap leaves the field and presses in one go: what was typed goes first.
                if (!isUnderWay()) {
                    send();
                }
            }
        },
        true,
    );
    window.addEventListener('pagehide', keep);
    restore();
}
