/* Elements, made of text alone: nothing here ever reads markup. */

const SVG = "http://www.w3.org/2000/svg";

/** An element with attributes, listeners (on…) and children; what is null or false is left out. */
function el(name, attributes = {}, ...children) {
    return filled(document.createElement(name), attributes, children);
}

/** The same for a drawing. */
function svg(name, attributes = {}, ...children) {
    return filled(document.createElementNS(SVG, name), attributes, children);
}

function filled(node, attributes, children) {
    for (const [key, value] of Object.entries(attributes)) {
        if (value === null || value === undefined) continue;
        if (key.startsWith("aria-")) node.setAttribute(key, String(value));
        else if (value === false && !["checked", "disabled", "selected"].includes(key)) continue;
        else if (key.startsWith("on")) node.addEventListener(key.slice(2), value);
        else if (key === "value" || key === "checked" || key === "disabled" || key === "selected") node[key] = value;
        else node.setAttribute(key, value === true ? "" : value);
    }
    node.append(...children.flat(Infinity).filter(child => child !== null && child !== undefined && child !== false));
    return node;
}

/** Puts children into a node; who had the keyboard in what was there has it in what stands for it now. */
function fill(node, ...children) {
    keepingKeyboard(node, () => node.replaceChildren(...children.flat(Infinity).filter(child => child !== null && child !== undefined && child !== false)));
}

/** Changes what is in a node; who had the keyboard in what was there has it in what stands for it now. */
function keepingKeyboard(node, change) {
    const active = node.contains(document.activeElement) ? document.activeElement : null;
    const key = active && active.dataset.key;
    const caret = active && "selectionStart" in active ? [active.selectionStart, active.selectionEnd] : null;
    change();
    if (!key || active.isConnected) return;
    const again = node.querySelector(`[data-key="${CSS.escape(key)}"]`);
    if (!again) return;
    again.focus({ preventScroll: true });
    if (caret && caret[0] !== null && again.setSelectionRange && again.type !== "number") again.setSelectionRange(...caret);
}

/** A sentence in its tones. */
function phrase(parts) {
    return parts.map(([tone, text]) => tone === "plain" ? text : el("span", { class: "tone-" + tone }, text));
}

/** A block of a note. */
function noteBlock(block) {
    const parts = phrase(block.parts);
    switch (block.sort) {
        case "heading": return el("h2", {}, parts);
        case "item": return el("p", { class: "item" }, "• ", parts);
        case "code": return el("pre", {}, parts);
        default: return el("p", {}, parts);
    }
}

/** A small drawing on a button. */
function icon(path) {
    return svg("svg", { viewBox: "0 0 20 20", "aria-hidden": "true" }, svg("path", { d: path }));
}

/** A button with a drawing, and what it does as its name. */
function iconButton(name, key, label, action) {
    return el("button", { class: "icon", "data-key": key, "aria-label": label, title: label, onclick: action }, icon(ICONS[name]));
}

const ICONS = {
    back: "M13 3 6 10l7 7 1.6-1.6L9.2 10l5.4-5.4z", on: "M7 3l7 7-7 7-1.6-1.6L10.8 10 5.4 4.6z",
    start: "M4 3h2v14H4zM15 3l-7 7 7 7 1.6-1.6L11.2 10l5.4-5.4z", end: "M14 3h2v14h-2zM5 3l7 7-7 7-1.6-1.6L8.8 10 3.4 4.6z",
    play: "M5 3l12 7-12 7z", pause: "M5 3h4v14H5zM11 3h4v14h-4z", right: "M8 15.5 2.8 10.3l1.5-1.5L8 12.4l7.7-7.7 1.5 1.5z",
    wrong: "M5 3.5 10 8.5l5-5L16.5 5l-5 5 5 5-1.5 1.5-5-5-5 5L3.5 15l5-5-5-5z"
};
