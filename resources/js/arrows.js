// Arrow keys on what is drawn: what they move is sent like a drag.

import { follow, form } from './piece-form.js';

/** Steps right and up. */
const ALL = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };
/** Of what moves up and down alone. */
export const UPRIGHT = { ArrowUp: ALL.ArrowUp, ArrowDown: ALL.ArrowDown };
/** How many steps with Shift. */
const FAR = 10;
/** How long a hand rests between two goes. */
const REST_MS = 1000;

/** What the keys move, and when they last did. */
let pressed = { one: null, at: 0 };

/**
 * @param {string} selector of what the keys move
 * @param {(one: Element, right: number, up: number) => void} move by so many steps
 */
export function whenArrowed(selector, move, ways = ALL) {
    document.addEventListener('keydown', (event) => {
        const one = event.target instanceof Element ? event.target.closest(selector) : null;
        const way = ways[event.key];
        if (!one || !way || !form()) {
            return;
        }
        event.preventDefault();
        const far = event.shiftKey ? FAR : 1;
        move(one, way[0] * far, way[1] * far);
        if (one !== pressed.one || event.timeStamp - pressed.at > REST_MS) {
            pressed = { one };
        }
        pressed.at = event.timeStamp;
        follow(pressed);
    });
}
