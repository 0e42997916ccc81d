// What mouse or finger holds, from the press to the release.

/**
 * Begins with what a press takes hold of, if anything, moves it, and ends where it has moved.
 *
 * @param {(event: PointerEvent) => object | null} begin
 * @param {(held: object, event: PointerEvent) => void} move which says by `held.moved` whether it has
 * @param {(held: object) => void} end
 */
export function whenDragged(begin, move, end) {
    let held = null;
    document.addEventListener('pointerdown', (event) => {
        held = begin(event);
    });
    document.addEventListener('pointermove', (event) => {
        if (held) {
            move(held, event);
        }
    });
    document.addEventListener('pointerup', () => {
        if (held?.moved) {
            end(held);
        }
        held = null;
    });
    document.addEventListener('pointercancel', () => {
        held = null;
    });
}
