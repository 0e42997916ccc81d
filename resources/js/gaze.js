// Moves on a drawing and moves of what it shows: the plan is seen from above, the section from a chosen side, either may be turned over.

function sight(svg) {
    const { drawing, degrees, turned } = svg.dataset;
    const turn = drawing === 'section' ? (Number(degrees) * Math.PI) / 180 : 0;
    return { isSection: drawing === 'section', c: Math.cos(turn), s: Math.sin(turn), over: turned === '1' ? -1 : 1 };
}

/** How what has moved by millimetres is shown moved. */
export function shown(svg, { x, y, bottom = 0 }) {
    const { isSection, c, s, over } = sight(svg);
    const right = over * (isSection ? x * c + y * s : x);
    const up = isSection ? over * bottom : y;
    return `translate(${right * svg.dataset.scale} ${-up * svg.dataset.scale * svg.dataset.stretch})`;
}

/** The move that is meant by millimetres right and up on a drawing. */
export function meant(svg, right, up) {
    const { isSection, c, s, over } = sight(svg);
    const along = over * right;
    return isSection ? { x: along * c, y: along * s, bottom: over * up } : { x: along, y: up, bottom: 0 };
}
