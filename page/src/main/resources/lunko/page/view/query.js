/* The query: its words, what is wrong with it, and what may be chosen in its place. */

function queryView(page, query) {
    const text = page.text;
    if (query.covered) return [el("div", { class: "covered" }, el("span", {}, text.covered))];
    const wrong = at => query.problems.find(problem => problem.start <= at && at < problem.end);
    let end = 0;
    const words = query.words.map(word => {
        const problem = wrong(end);
        end += word.text.length;
        const classes = [word.kind, word.lit ? "lit" : "", problem ? problem.note ? "note" : "wrong" : "",
            word.hue ? "own hue-" + word.hue : ""].join(" ").trim();
        return classes ? el("span", { class: classes }, word.text) : word.text;
    });
    const kinds = query.kinds.filter(kind => kind.possible || kind.chosen);
    return [page.trying ? null : el("p", { id: "query" }, words),
        page.trying ? el("textarea", {
            id: "written", "data-key": "written", "aria-label": text.query, spellcheck: "false", autocapitalize: "off", autocomplete: "off",
            value: query.sql, oninput: event => page.later(() => page.write(event.target.value), 350, "write")
        }) : null,
        query.problems.map((problem, at) => el("div", { class: "problem" + (problem.note ? " note" : ""), role: "status" },
            el("div", {}, phrase(problem.said)),
            problem.fixes.length ? el("div", { class: "bar" }, problem.fixes.map((fix, n) => el("button", {
                "data-key": `fix-${at}-${n}`, onclick: () => page.write(fix.sql)
            }, fix.said))) : null)),
        el("div", { class: "bar tools" },
            kinds.length > 1 || kinds.some(kind => !kind.chosen) ? el("label", {}, el("span", { class: "unseen" }, text.kind), el("select", {
                class: "kind", "data-key": "kind", onchange: event => page.want({ do: "kind", kind: event.target.value })
            }, kinds.map(kind => el("option", { value: kind.id, selected: kind.chosen }, kind.rows === undefined ? kind.name : `${kind.name} · ${kind.rows}`)))) : null,
            el("label", {}, el("span", { class: "unseen" }, text.way), el("select", {
                "data-key": "way", onchange: event => page.want({ do: "way", way: event.target.value })
            }, query.ways.map(way => el("option", { value: way.id, selected: way.chosen }, way.name)))))];
}
