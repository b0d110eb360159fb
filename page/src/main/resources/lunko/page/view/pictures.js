/* The picture below the rows. */

function pictureOf(page, picture) {
    if (picture.covered) return el("div", { class: "covered" }, el("span", {}, page.text.covered));
    const shown = picture.shown;
    if (shown.none) return el("p", { class: "mute" }, shown.none);
    if (shown.three) return threeCircles(shown);
    switch (picture.chosen) {
        case "venn": return twoCircles(shown);
        case "pairs": return pairGrid(page, shown, picture.blank);
        case "kinds": return kindChart(page, shown);
        default: return stagesOf(page, shown);
    }
}

function lines(region, x, y) {
    const top = y - region.names.length * 8;
    return [svg("text", { class: "count" + (region.taken ? "" : " small"), x, y: top }, String(region.count)),
        region.names.map((name, at) => svg("text", { class: region.taken ? null : "small", x, y: top + 18 + 16 * at }, shortened(name)))];
}

function shortened(name) {
    return name.length <= 16 ? name : name.slice(0, 9) + "…" + name.slice(-6);
}

function twoCircles(shown) {
    const r = 112, apart = 106, x = [r + 4, r + 4 + apart], y = r + 4;
    const lens = `M${(x[0] + x[1]) / 2} ${y - Math.sqrt(r * r - apart * apart / 4)}A${r} ${r} 0 0 1 ${(x[0] + x[1]) / 2} ${y + Math.sqrt(r * r - apart * apart / 4)}A${r} ${r} 0 0 1 ${(x[0] + x[1]) / 2} ${y - Math.sqrt(r * r - apart * apart / 4)}z`;
    const regions = [shown.circles[0], shown.both, shown.circles[1]];
    return svg("svg", { class: "venn", viewBox: `0 0 ${2 * r + apart + 8} ${2 * r + 50}`, role: "img", "aria-label": regions.map(region => `${region.title || ""} ${region.said}: ${region.count}`).join("; ") },
        shown.circles.map((circle, at) => svg("circle", { class: (circle.taken ? "taken" : "free") + " hue-" + circle.hue, cx: x[at], cy: y, r })),
        svg("path", { class: "both " + (shown.both.taken ? "taken" : "free"), d: lens }),
        shown.circles.map((circle, at) => svg("circle", { class: "hue-" + circle.hue, cx: x[at], cy: y, r })),
        lines(shown.circles[0], 56, y), lines(shown.both, (x[0] + x[1]) / 2, y), lines(shown.circles[1], 2 * r + apart - 48, y),
        shown.circles.map((circle, at) => [svg("text", { class: "title hue-" + circle.hue, x: at === 0 ? 60 : 2 * r + apart - 52, y: 2 * r + 24 }, circle.title),
            svg("text", { class: "small", x: at === 0 ? 60 : 2 * r + apart - 52, y: 2 * r + 41 }, circle.said)]),
        svg("text", { class: "small", x: (x[0] + x[1]) / 2, y: 2 * r + 41 }, shown.both.said));
}

function threeCircles(shown) {
    const r = 100, c = [[118, 128], [222, 128], [170, 218]];
    const at = { a: [70, 100], b: [270, 100], c: [170, 282], ab: [170, 88], ac: [108, 196], bc: [232, 196], abc: [170, 158] };
    return svg("svg", { class: "venn", viewBox: "0 0 340 344", role: "img", "aria-label": shown.regions.map(region => `${region.id}: ${region.count}`).join("; ") },
        shown.three.map((circle, n) => svg("circle", { class: "hue-" + circle.hue, cx: c[n][0], cy: c[n][1], r })),
        shown.regions.map(region => [svg("text", { class: "count" + (region.taken ? "" : " small"), x: at[region.id][0], y: at[region.id][1] }, String(region.count)),
            svg("text", { class: "small", x: at[region.id][0], y: at[region.id][1] + 15 }, region.taken ? "●" : "")]),
        shown.three.map((circle, n) => svg("text", { class: "title hue-" + circle.hue, x: [70, 270, 170][n], y: [16, 16, 338][n] }, circle.title)));
}

function pairGrid(page, shown, blank) {
    const asking = page.state.asking;
    const ticks = asking && asking.by === "pairs";
    const isTicked = (left, right) => asking.marked.some(pair => pair.left === left && pair.right === right);
    return el("div", {}, el("table", { class: "grid" },
        el("thead", {}, el("tr", {}, el("th", { class: "own hue-" + shown.rows.hue }, shown.rows.title),
            shown.columns.names.map(name => el("th", { scope: "col", class: "own hue-" + shown.columns.hue }, name)))),
        el("tbody", {}, shown.rows.names.map((name, left) => el("tr", {},
            el("th", { scope: "row", class: "own hue-" + shown.rows.hue }, name),
            shown.columns.names.map((other, right) => {
                const verdict = shown.cells[left][right];
                if (ticks && !asking.uncovered) return el("td", {}, el("input", {
                    type: "checkbox", checked: isTicked(left, right), "data-key": `pair-${left}-${right}`,
                    "aria-label": `${name} – ${other}`, onchange: () => page.want({ do: "tick", left, right })
                }));
                return el("td", {
                    class: blank ? "" : verdict, "aria-label": `${name} – ${other}`, "data-left": left, "data-right": right,
                    onpointerenter: event => event.pointerType === "mouse" && page.stage.point("pair", [left, right]),
                    onpointerleave: event => event.pointerType === "mouse" && page.stage.point(null),
                    onclick: () => page.stage.hold("pair", [left, right])
                }, blank ? "" : verdict === "true" ? "●" : verdict === "unknown" ? "?" : "");
            }))))),
        blank ? null : el("p", { class: "mute" }, shown.sum), shown.more.map(more => el("p", { class: "mute" }, more)));
}

function kindChart(page, shown) {
    return el("table", { class: "grid" },
        el("thead", {}, el("tr", {}, el("td"), shown.kinds.map(kind => el("th", { scope: "col" }, kind.possible
            ? el("button", { "data-key": "chart-" + kind.id, onclick: () => page.want({ do: "kind", kind: kind.id }) }, kind.name)
            : kind.name)))),
        el("tbody", {}, shown.lines.map(line => el("tr", {},
            el("th", { scope: "row" }, line.names.map((name, at) => [at ? " – " : "", el("span", { class: "own hue-" + shown.hues[at] }, name)]),
                line.count > 1 ? ` × ${line.count}` : ""),
            line.cells.map(([given, left, right], at) => el("td", {
                class: (given === "repeated" ? "repeated" : "") + (shown.kinds[at].chosen ? " chosen" : ""),
                "aria-label": `${shown.kinds[at].name}: ${left}, ${right}`
            }, el("span", { class: `half ${left} hue-${shown.hues[0]}` }), el("span", { class: `half ${right} hue-${shown.hues[1]}` })))))),
        el("tfoot", {}, el("tr", {}, el("th", { scope: "row" }, shown.foot), shown.kinds.map(kind => el("td", { class: kind.chosen ? "chosen" : "" }, el("strong", {}, String(kind.rows)))))));
}

function stagesOf(page, shown) {
    const part = page.state.frame && page.state.frame.part;
    return el("div", { id: "stages" }, shown.stages.map((stage, at) => el("button", {
        "data-key": "stage-" + at, "aria-current": stage.part === part ? "step" : null,
        onclick: () => page.want({ do: "step", number: stage.step })
    }, el("span", { class: "clause" }, stage.clause),
        stage.lines.map(line => el("span", { class: "line" + (line.struck ? " struck" : "") },
            line.marks.map((mark, column) => el("i", { class: mark + " hue-" + stage.hues[column] })))),
        el("small", {}, stage.rows))));
}
