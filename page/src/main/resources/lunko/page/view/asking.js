/* What is asked, where the answer is put in, and what it has come to. */

function askBar(page, asking) {
    if (!asking) return [];
    const text = page.text;
    const by = asking.by;
    const send = event => page.later(() => page.want({ do: "answer", text: event.target.value }), 400, "answer");
    const field = by === "number" || by === "text"
        ? el("input", {
            type: "text", inputmode: by === "number" ? "numeric" : null, value: asking.guess || "", "data-key": "answer",
            "aria-label": text.answer, placeholder: text.answer, autocomplete: "off", disabled: asking.uncovered,
            oninput: send, onkeydown: event => event.key === "Enter" && page.answerAnd({ do: "check" })
        })
        : by === "query"
            ? el("textarea", { "data-key": "answer", "aria-label": text.answer, placeholder: "SELECT …", spellcheck: "false", autocapitalize: "off", disabled: asking.uncovered, oninput: send, value: asking.guess || "" })
            : by === "rows" ? el("span", { class: "mute" }, text.tickRows)
                : by === "pairs" ? el("span", { class: "mute" }, text.tickPairs)
                    : by === "match" ? matching(page, asking)
                        : by === "kind" ? kindChoice(page, asking) : null;
    return [el("span", { class: "question" }, asking.said), field,
        el("div", { class: "bar", role: "status" }, verdict(asking.verdict), asking.answer ? el("strong", { id: "answer" }, asking.answer) : null),
        (asking.missed || []).length ? el("div", { class: "bar" }, asking.missed.map((row, at) => row.step === undefined ? el("span", {}, row.said)
            : el("button", { "data-key": "missed-" + at, onclick: () => page.want({ do: "step", number: row.step }) }, row.said))) : null,
        (asking.hints || []).length ? el("ul", { class: "hints", role: "status" }, asking.hints.map(hint => el("li", {}, phrase(hint)))) : null,
        asking.luck ? el("div", { class: "luck", role: "status" }, el("p", {}, phrase(asking.luck.said)),
            [...asking.luck.tables, asking.luck.wanted, asking.luck.given].map(smallTable)) : null,
        by === "nothing" ? null : el("div", { class: "bar" },
            asking.uncovered ? null : el("button", { class: "main", "data-key": "check", onclick: () => page.answerAnd({ do: "check" }) }, text.check),
            asking.uncovered ? null : el("button", { "data-key": "hint", onclick: () => page.answerAnd({ do: "hint" }) }, text.hint),
            asking.canUncover ? el("button", { "data-key": "uncover", "aria-pressed": asking.uncovered === true, onclick: () => page.want({ do: "uncover" }) }, text.uncover) : null)];
}

/** Whether something is right. */
function verdict(judged) {
    return judged && el("span", { class: "verdict " + (judged.right ? "right-guess" : "wrong-guess") },
        icon(judged.right ? ICONS.right : ICONS.wrong), judged.said);
}

/** Queries, each with the results to choose from, and these. */
function matching(page, { match, uncovered }) {
    return el("div", { class: "match" },
        el("ol", {}, match.queries.map((query, at) => el("li", {},
            el("div", { class: "tabs", role: "group", "aria-label": page.text.query + " " + (at + 1) }, match.results.map((result, which) => el("button", {
                "data-key": "match-" + at + "-" + which, "aria-pressed": query.chosen === which, disabled: uncovered,
                onclick: () => page.want({ do: "match", query: at, result: which })
            }, result.title)), verdict(query.verdict)),
            el("code", {}, query.sql)))),
        el("div", { class: "luck" }, match.results.map(smallTable)));
}

/** A few rows under their headings, to be looked at alone. */
function smallTable(table) {
    return el("table", { class: "rows small card" }, el("caption", {}, table.title),
        el("thead", {}, el("tr", {}, table.columns.map(column => el("th", { scope: "col" }, column)))),
        el("tbody", {}, table.rows.map(row => el("tr", {}, row.map(value => cell(value, {}))))));
}

function kindChoice(page, asking) {
    return el("select", {
        "data-key": "answer", "aria-label": page.text.answer, disabled: asking.uncovered,
        onchange: event => page.want({ do: "answerKind", kind: event.target.value })
    }, el("option", { value: "" }, "…"), page.state.query.kinds.map(kind => el("option", { value: kind.id, selected: kind.id === asking.guess }, kind.name)));
}
