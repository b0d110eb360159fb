/* Rows under headings: the sides, what a stage takes, and the result. */

/** How wide columns are, by their longest texts, so that a column of the result falls under the one it comes from. */
function widths(table, result) {
    return table.columns.map((column, at) => {
        const called = result.columns.find(one => one.side === table.side && one.of === at);
        const longest = Math.max(column.name.length + (column.key ? 2 : 0), called ? called.name.length + 1 : 0,
            ...table.rows.slice(0, 60).map(row => row[at][1].length));
        return Math.min(26, Math.max(4, longest)) + 3;
    });
}

/** How wide a table has to be for its columns, in pixels: where there is less room, it scrolls. */
function leastWidth(columnWidths) {
    return 34 + 7.2 * columnWidths.reduce((one, more) => one + more, 0) + "px";
}

function columnsOf(columnWidths, columns, extra) {
    const sum = columnWidths.reduce((one, more) => one + more, 0) || 1;
    return el("colgroup", {}, el("col", { class: "number" }), columns.map((column, at) => {
        const col = el("col", { class: column.main ? null : "more" });
        col.style.setProperty("--share", 100 * columnWidths[at] / sum + "%");
        return col;
    }), extra ? el("col", { class: "tick" }) : null);
}

function heading(column, side) {
    const arrow = column.key && el("span", { class: "arrow" }, side === "left" ? " →" : "← ");
    return el("th", {
        scope: "col", class: [column.figures ? "figures" : "", column.key ? "key" : "", column.main ? "" : "more",
            column.hue ? "own hue-" + column.hue : ""].join(" ").trim()
    }, side === "right" ? [arrow, column.name] : [column.name, arrow]);
}

/** A cell of a sort, in the colour of its column. */
function cell([sort, text], column) {
    const classes = [sort, column.figures ? "figures" : "", column.main === false ? "more" : "",
        column.hue ? "hue-" + column.hue : ""];
    return el("td", { class: classes.join(" ").trim() },
        sort === "text" || sort === "figure" ? text : el("span", {}, text));
}

/** Whether an answer is ticked in an input. */
function areTicked(page, input) {
    const asking = page.state.asking;
    return Boolean(asking && asking.by === "rows" && asking.side === input.side && !(page.trying && input.table !== undefined));
}

/** Whether the rows of an input are being changed. */
function areEdited(page, input) {
    return page.trying && input.table !== undefined;
}

/** All of an input but its rows: where that stays the same, its table does. */
function shapeOf(page, input) {
    return JSON.stringify([{ ...input, rows: input.rows.length, names: null }, widths(input, page.state.stage.result),
        areEdited(page, input), areTicked(page, input) && page.state.asking, page.unfolded]);
}

/** Shows the rows of an input in the table that is there, of the same shape: those that differ are made anew. */
function changeRows(page, card, input, before) {
    const rows = card.querySelectorAll("tbody tr");
    input.rows.forEach((row, number) => {
        if (JSON.stringify([row, input.names && input.names[number]]) === JSON.stringify([before.rows[number], before.names && before.names[number]])) return;
        keepingKeyboard(rows[number], () => rows[number].replaceWith(inputRow(page, input, number)));
    });
}

function inputRow(page, input, number) {
    const side = input.side;
    const editing = areEdited(page, input);
    return el("tr", {
        "data-row": number, onpointerenter: event => event.pointerType === "mouse" && page.stage.point(side, number),
        onpointerleave: event => event.pointerType === "mouse" && page.stage.point(null),
        onclick: event => !event.target.closest("input,button") && page.stage.hold(side, number)
    }, el("th", { scope: "row", class: "number" }, rowButton(page, input, side, number, editing)),
        input.rows[number].map((value, column) => editing
            ? editCell(page, input, number, column, value) : cell(value, { main: input.columns[column].main === true, ...input.columns[column] })),
        areTicked(page, input) ? tickCell(page, input, side, number) : null);
}

/**
 * Rows that a stage takes. Its rows can be pointed at; ticked, where an answer is a set of them; and changed, where that
 * is being done.
 */
function inputTable(page, input, at) {
    const side = input.side;
    const editing = areEdited(page, input);
    const ticks = areTicked(page, input);
    const columnWidths = widths(input, page.state.stage.result);
    const body = el("tbody", {}, input.rows.map((_, number) => inputRow(page, input, number)));
    const table = el("table", { class: "rows" }, el("caption", { class: "unseen" }, input.title),
        columnsOf(columnWidths, input.columns, ticks),
        el("thead", {}, el("tr", {}, el("td", { class: "number" }), input.columns.map(column => heading(column, side)),
            ticks ? el("td") : null)), body);
    table.style.setProperty("--least", leastWidth(columnWidths));
    const foldable = input.columns.some(column => !column.main);
    const card = el("section", { class: "side card hue-" + input.hue, "data-input": at, "aria-label": input.title },
        el("h2", { class: "own" }, el("span", {}, input.title, " ", el("small", {}, input.count))),
        el("div", { class: "scroll" }, table),
        input.more ? el("p", { class: "mute" }, input.more) : null,
        editing ? el("div", { class: "bar" }, el("button", {
            "data-key": "add-" + at, onclick: () => page.want({ do: "addRow", table: input.table })
        }, page.text.addRow)) : null);
    if (foldable && !editing && !page.unfolded) card.classList.add("folded");
    if (foldable && !editing) card.firstChild.append(el("button", {
        class: "unfold", "data-key": "unfold-" + at, "aria-pressed": page.unfolded, onclick: () => page.unfold()
    }, page.unfolded ? "−" : "+" + input.columns.filter(column => !column.main).length));
    return card;
}

function rowButton(page, input, side, number, editing) {
    if (editing) return el("button", {
        "data-key": `delete-${side}-${number}`, "aria-label": page.text.deleteRow.replace("#", number + 1),
        title: page.text.deleteRow.replace("#", number + 1),
        onclick: () => page.want({ do: "deleteRow", table: input.table, row: number })
    }, "×");
    if (!side) return el("span", {}, String(number + 1));
    return el("button", {
        "data-key": `row-${side}-${number}`, "aria-label": `${number + 1} ${input.names[number]}`,
        onfocus: event => event.target.matches(":focus-visible") && page.stage.point(side, number),
        onclick: () => page.stage.hold(side, number)
    }, String(number + 1));
}

function editCell(page, input, row, column, [sort, text]) {
    const named = input.columns[column];
    const field = el("input", {
        type: "text", value: sort === "null" ? "" : text, placeholder: sort === "null" ? "NULL" : "",
        "data-key": `cell-${input.table}-${row}-${column}`, autocomplete: "off", spellcheck: "false",
        "aria-label": `${named.name}, ${row + 1}, ${input.title}`, "aria-invalid": sort === "misfit",
        onchange: event => page.want({ do: "type", table: input.table, row, column, typed: event.target.value }),
        onkeydown: event => event.key === "Enter" && event.target.blur()
    });
    return el("td", { class: "edit " + (named.figures ? "figure" : "") }, field);
}

function tickCell(page, input, side, number) {
    const asking = page.state.asking;
    const ticked = asking.marked.some(row => row[side] === number);
    return el("td", { class: "tick" }, el("input", {
        type: "checkbox", checked: ticked, disabled: asking.uncovered, "data-key": `tick-${side}-${number}`,
        "aria-label": input.names[number], onchange: () => page.want({ do: "tick", [side]: number })
    }));
}

/** What has become of the rows of an input after a step. */
function showStates(card, input, shown) {
    card.querySelectorAll("tbody tr").forEach((row, number) => {
        const state = shown.states[number];
        row.classList.toggle("now", shown.now === number);
        row.classList.toggle("out", state === "out");
        row.classList.toggle("struck", state === "struck");
        row.dataset.state = state;
    });
}

/** Shows rows in the table of a result; those that it has already stay. */
function showRows(table, rows) {
    const body = table.tBodies[0];
    const there = new Map([...body.rows].map(line => [line.shown, line]));
    rows.forEach((row, at) => {
        const shown = JSON.stringify(row);
        let line = there.get(shown);
        if (!line) (line = table.rowOf(row)).shown = shown;
        there.delete(shown);
        line.classList.remove("now");
        if (body.rows[at] !== line) body.insertBefore(line, body.rows[at] || null);
    });
    while (body.rows.length > rows.length) body.lastElementChild.remove();
}

/**
 * A table for the rows of a result; under a side, those of its columns alone: as wide as there, folded as there, and with
 * room for ticks where that has them.
 */
function resultTable(columns, pointed, under) {
    const shown = columns.map((column, at) => ({ ...column, at })).filter(column => !under || column.side === under.side)
        .map(column => ({ ...column, main: !under || under.columns[column.of].main === true }));
    if (!shown.length) return null;
    const own = shown.map(column => under ? under.widths[column.of] : Math.max(4, column.name.length) + 3);
    const sum = own.reduce((one, more) => one + more, 0) || 1;
    const table = el("table", { class: "rows result" },
        el("colgroup", {}, under ? el("col", { class: "number" }) : null, shown.map((column, at) => {
            const col = el("col", { class: column.main ? null : "more" });
            if (under) col.style.setProperty("--share", 100 * own[at] / sum + "%");
            return col;
        }), under && under.ticks ? el("col", { class: "tick" }) : null),
        el("thead", {}, el("tr", {}, under ? el("td", { class: "number" }) : null, shown.map(column => heading(column, null)),
            under && under.ticks ? el("td") : null)),
        el("tbody"));
    table.rowOf = row => el("tr", { "data-id": row.id, onpointerenter: event => event.pointerType === "mouse" && pointed(row), onpointerleave: event => event.pointerType === "mouse" && pointed(null) },
        under ? el("td", { class: "number hue-" + (shown[0].hue || "joined") }) : null,
        shown.map(column => cell(row.cells[column.at], column)),
        under && under.ticks ? el("td", { class: "more" }) : null);
    table.style.setProperty("--least", leastWidth(under ? under.widths : own));
    return table;
}
