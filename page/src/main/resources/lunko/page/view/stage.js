/* The stage: the sides, the lanes between them, and the result under both; and what is lit of it. */

class StageView {
    constructor(page) {
        this.page = page;
        this.node = el("section", { id: "stage" });
        this.cards = [];
        this.gap = null;
        this.lit = null;
        this.held = false;
    }

    /** Makes the rows anew: those of another stage, or the same with fields or ticks in them. */
    build(stage) {
        this.lit = null;
        this.held = false;
        const shape = stage && [stage.sort, ...stage.inputs.map(input => shapeOf(this.page, input))].join();
        if (shape && shape === this.shape) {
            stage.inputs.forEach((input, at) => changeRows(this.page, this.cards[at], input, this.inputs[at]));
            this.node.style.setProperty("--room", stage.result.room);
            this.inputs = stage.inputs;
            return;
        }
        this.shape = shape;
        this.inputs = stage && stage.inputs;
        this.resultShape = null;
        this.node.className = stage ? stage.sort : "";
        this.cards = stage ? stage.inputs.map((input, at) => inputTable(this.page, input, at)) : [];
        if (!stage) return fill(this.node);
        if (stage.inputs.length === 2) stage.inputs.forEach((input, at) => document.documentElement.style.setProperty(at ? "--right" : "--left", `var(--${input.hue})`));
        this.node.style.setProperty("--room", stage.result.room);
        this.head = el("h2", { class: "head wide" });
        this.gap = stage.sort === "join" ? el("div", { class: "gap", "aria-hidden": "true" }, svg("svg", { id: "lanes" }), el("div", { id: "verdict", hidden: true })) : null;
        fill(this.node, this.gap ? [this.cards[0], this.gap, this.cards[1]] : this.cards, this.head);
    }

    /** Shows what is visible after a step, gliding there from the step before. */
    show(stage, frame, before) {
        (frame.inputs || []).forEach((shown, at) => this.cards[at] && showStates(this.cards[at], stage.inputs[at], shown));
        this.showResult(stage, frame.landed);
        this.light();
        const landed = frame.landed;
        if (!before || !landed.lands || frame.number !== before.number + 1 || !landed.rows.length) return;
        const row = landed.rows[landed.rows.length - 1];
        glide(this.page.player.interval, row, this.cards, side => this.node.querySelector(`[data-result="${side}"] tr[data-id="${row.id}"]`));
    }

    showResult(stage, landed) {
        const shape = JSON.stringify([stage.result.columns, this.shape]);
        const sameShape = shape === this.resultShape;
        if (!this.page.isOther("result", landed) && sameShape) return;
        fill(this.head, stage.result.title, " ", el("small", {}, landed.said || ""));
        if (!sameShape) {
            this.resultShape = shape;
            this.node.querySelectorAll("[data-result]").forEach(part => part.remove());
            this.node.append(stage.result.columns.some(column => column.side) ? this.sides(stage)
                : el("div", { class: "card scroll wide", "data-result": "all" }, resultTable(stage.result.columns, row => this.pointAtResult(row))));
        }
        const rows = landed.rows || [];
        this.node.querySelectorAll("table.result").forEach(table => showRows(table, rows));
        const from = this.node.querySelector("[data-result=from]");
        if (from) fill(from, rows.map(row => el("div", {}, stage.inputs.some(input => input.unseen) ? "" : row.from)));
        if (landed.lands) this.node.querySelectorAll(".result tbody tr:last-child").forEach(row => row.classList.add("now"));
    }

    /** The result with each column under the one that it comes from, and between them which rows met. */
    sides(stage) {
        const [left, right] = ["left", "right"].map((side, at) => {
            const input = stage.inputs[at];
            const table = resultTable(stage.result.columns, row => this.pointAtResult(row), { side, widths: widths(input, stage.result), columns: input.columns, ticks: areTicked(this.page, input) });
            return el("div", { class: (table ? "card " : "") + "scroll side" + (this.page.unfolded ? "" : " folded"), "data-result": side }, table);
        });
        const from = el("div", { class: "from", "data-result": "from" });
        return el("div", { class: "wide parts", "data-result": "parts" }, left, from, right);
    }

    lanes() {
        const { stage, frame } = this.page.state;
        if (this.gap && frame && frame.lanes) drawLanes(this.gap, this.cards, stage, frame, this.lit);
    }

    /** Lights what belongs to a row that is pointed at: of a side, or a pair; or nothing any more. */
    point(side, row) {
        if (this.held || side === undefined) return;
        this.lit = side === null ? null : this.page.belonging(side === "pair" ? { left: row[0], right: row[1] } : { [side]: row });
        this.light();
    }

    pointAtResult(row) {
        if (!row) this.point(null);
        else if (row.left !== undefined && row.right !== undefined) this.point("pair", [row.left, row.right]);
        else if (row.left !== undefined) this.point("left", row.left);
        else if (row.right !== undefined) this.point("right", row.right);
    }

    /** Keeps a row lit that was tapped, until it or another is. */
    hold(side, row) {
        if (!side) return;
        const key = side + row;
        const same = this.held === key;
        this.held = false;
        if (same) return this.point(null);
        this.point(side, row);
        this.held = key;
    }

    /** Lets go of what is lit. */
    release() {
        this.held = false;
        this.point(null);
    }

    light() {
        const lit = this.lit, frame = this.page.state.frame;
        ["left", "right"].forEach((side, at) => this.cards[at] && this.cards[at].querySelectorAll("tbody tr").forEach((row, number) =>
            row.classList.toggle("lit", Boolean(lit && lit[side] && lit[side].includes(number)))));
        this.node.querySelectorAll(".result tbody tr").forEach(row => {
            const found = lit && frame && (frame.landed.rows || []).find(one => one.id === row.dataset.id);
            const belongs = found && ["left", "right"].every(side => found[side] === undefined || lit[side]?.includes(found[side]));
            row.classList.toggle("lit", Boolean(belongs));
        });
        this.page.showWhy(lit && lit.why);
        this.lanes();
    }
}
