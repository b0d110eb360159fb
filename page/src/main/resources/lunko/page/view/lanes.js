/* What is drawn between two sides: lanes between rows that have met, and what stands at the end of a row. */

const STUB = 16;

/** Draws the lanes of a step into the gap between its two sides. */
function drawLanes(gap, cards, stage, frame, lit) {
    const drawing = gap.querySelector("svg");
    const box = gap.getBoundingClientRect();
    const middle = (side, row) => {
        const line = cards[side].querySelector(`tbody tr[data-row="${row}"]`);
        if (!line) return null;
        const at = line.getBoundingClientRect();
        return at.top + at.height / 2 - box.top;
    };
    const width = box.width;
    const curve = (from, to) => `M0 ${from} C${width * .45} ${from} ${width * .55} ${to} ${width} ${to}`;
    const marks = [];
    const now = frame.inputs.map(input => input.now);
    const isLit = (left, right) => lit && lit.left && lit.left.includes(left) && lit.right && lit.right.includes(right);
    for (const [left, right, certain] of frame.lanes) {
        const from = middle(0, left), to = middle(1, right);
        if (from === null || to === null) continue;
        const isNow = now[0] === left && now[1] === right;
        marks.push(svg("path", {
            d: curve(from, to), class: [certain ? "" : "unsure", isNow ? "now" : "", isLit(left, right) ? "lit" : ""].join(" ").trim()
        }));
    }
    frame.inputs.forEach((input, side) => input.states.forEach((state, row) => {
        const y = middle(side, row);
        if (y === null) return;
        const edge = side === 0 ? 0 : width, tip = side === 0 ? STUB : width - STUB;
        if (input.marks[row]) marks.push(svg("text", {
            x: side === 0 ? 5 : width - 5, y: y - 4, "text-anchor": side === 0 ? "start" : "end"
        }, input.marks[row]));
        if (state !== "kept" && (state !== "out" || stage.inputs[side].unseen)) return;
        marks.push(svg("path", { class: "end", d: `M${edge} ${y}H${tip}` }));
        marks.push(state === "kept"
            ? svg("path", { class: "kept hue-" + stage.inputs[side].hue, d: `M${tip - 6} ${y}l6 -6 6 6 -6 6z` })
            : svg("path", { class: "end", d: `M${tip - 4} ${y - 4}l8 8m0 -8l-8 8` }));
    }));
    const verdict = frame.verdict;
    const label = gap.querySelector("#verdict");
    label.hidden = !verdict;
    if (verdict) {
        const from = middle(0, verdict.left), to = middle(1, verdict.right);
        if (from !== null && to !== null) {
            if (verdict.truth !== "true") marks.push(svg("path", { class: "now unsure", d: curve(from, to) }));
            label.textContent = verdict.said;
            label.style.top = (from + to) / 2 + "px";
        } else label.hidden = true;
    }
    drawing.replaceChildren(...marks);
}

/** Lets the source rows of a row that has just come in glide to its place. */
function glide(interval, row, cards, target) {
    if (matchMedia("(prefers-reduced-motion: reduce)").matches || !target) return;
    ["left", "right"].forEach((side, at) => {
        if (row[side] === undefined) return;
        const from = cards[at].querySelector(`tbody tr[data-row="${row[side]}"]`);
        const to = target(side);
        if (!from || !to) return;
        const start = from.getBoundingClientRect(), end = to.getBoundingClientRect();
        const flying = el("div", { class: "flying", "aria-hidden": "true" });
        Object.assign(flying.style, { left: start.left + scrollX + "px", top: start.top + scrollY + "px", width: start.width + "px", height: start.height + "px" });
        document.body.append(flying);
        flying.animate([{ transform: "none" }, { transform: `translate(${end.left - start.left}px, ${end.top - start.top}px)`, opacity: .4 }],
            { duration: Math.min(350, interval * .7), easing: "ease-in-out" }).finished.finally(() => flying.remove());
    });
}
