/* The page: it shows what the engine says, and tells it what is wanted. */

const SPEEDS = [.5, 1, 2, 4, 8];

class Page {
    constructor(first) {
        this.state = first;
        this.text = first.text;
        this.root = document.getElementById("page");
        this.ask = null;
        this.trying = false;
        this.unfolded = false;
        this.speed = 1;
        this.lit = null;
        this.held = false;
        this.playing = 0;
        this.timer = 0;
        this.build();
        this.show(first, null);
        addEventListener("resize", () => { this.lanes(); this.reach(); });
        addEventListener("pagehide", () => this.keep());
        addEventListener("keydown", event => this.key(event));
        document.fonts && document.fonts.ready.then(() => this.lanes());
    }

    /** Starts the engine behind the first picture. */
    async start() {
        if (typeof DecompressionStream === "undefined") return this.say(this.text.tooOld);
        try {
            this.ask = await startEngine();
            const given = JSON.parse(await unpacked("lesson"));
            this.key_ = "lunko:" + given.id;
            const kept = store.read(this.key_) || {};
            const opened = this.ask({ do: "open", given: given.files, answers: given.answers, ...(kept.made ? { made: kept.made } : {}), attempts: kept.attempts || {} });
            if (opened.defect) console.error(opened.defect);
            if (opened.problem || opened.defect) return this.say(opened.problem || this.text.broken);
            this.take(opened);
            // An address may say a scene, and a step of it: lesson.html#3-12.
            const [, scene, step] = location.hash.match(/^#(\d+)(?:-(\d+))?$/) || [];
            if (scene || kept.at) this.want({ do: "scene", number: scene ? scene - 1 : kept.at });
            if (step) this.want({ do: "step", number: Number(step) });
            if (store.refused) this.say(this.text.notKept);
            this.root.removeAttribute("aria-busy");
            performance.mark("ready");
            document.documentElement.dataset.ready = "";
        } catch (failed) {
            console.error(failed);
            this.say(this.text.broken);
        }
    }

    /** Asks for something, and shows what comes of it. */
    want(wish) {
        if (!this.ask) return;
        const shown = this.ask(wish);
        if (shown.defect) {
            console.error(shown.defect);
            return this.say(this.text.broken);
        }
        this.take(shown);
        if (!shown.keep) return;
        this.unkept = shown.keep;
        this.later(() => this.keep(), 200, "keep");
    }

    /** Keeps what has not been kept yet. */
    keep() {
        if (!this.unkept) return;
        store.write(this.key_, { made: this.ask({ do: "files" }), attempts: this.unkept, at: this.state.lesson.at });
        this.unkept = null;
        if (store.refused) this.say(this.text.notKept);
    }

    /** Another query, in the place of what is being typed. */
    write(sql) {
        clearTimeout(this.waiting?.write);
        this.want({ do: "write", sql });
    }

    /** Does something a moment later, unless it is asked for again until then. */
    later(action, wait, name = "later") {
        this.waiting ??= {};
        clearTimeout(this.waiting[name]);
        this.waiting[name] = setTimeout(action, wait);
    }

    take(shown) {
        const before = this.state;
        this.state = { ...before, ...shown };
        this.show(shown, before);
    }

    say(text) {
        fill(this.notice, text);
        this.notice.hidden = !text;
    }

    build() {
        const text = this.text;
        const button = (name, key, label, action) => el("button", { class: "icon", "data-key": key, "aria-label": label, title: label, onclick: action }, icon(ICONS[name]));
        this.title = el("h1");
        this.place = el("span", { id: "place" });
        this.notice = el("div", { class: "problem note", role: "status", hidden: true });
        this.bar = el("header", { class: "bar" }, this.title, el("span", { class: "room" }),
            button("back", "before", text.sceneBefore, () => this.scene(-1)), this.place, button("on", "next", text.nextScene, () => this.scene(1)));
        this.note = el("section", { class: "note" });
        this.asking = el("section", { id: "ask", "aria-label": text.answer });
        this.query = el("section", { class: "query", "aria-label": text.query });
        this.obstacle = el("div", { class: "problem", role: "status" });
        this.stage = el("section", { id: "stage" });
        this.why = el("p", { id: "why", class: "card", "aria-live": "polite" });
        this.range = el("input", { type: "range", min: 0, "data-key": "range", oninput: event => { this.stop(); this.want({ do: "step", number: Number(event.target.value) }); } });
        this.play = el("button", { id: "play", class: "main icon", "data-key": "play", onclick: () => this.toggle() }, icon(ICONS.play));
        this.steps = el("div", { id: "steps", class: "bar" },
            button("start", "start", text.toStart, () => this.go(0)), button("back", "back", text.stepBack, () => this.go(this.number - 1)), this.play,
            button("on", "on", text.stepOn, () => this.go(this.number + 1)), button("end", "end", text.toEnd, () => this.go(this.state.frame.last)),
            this.range, el("label", {}, el("span", { class: "unseen" }, text.speed), el("select", { "data-key": "speed", onchange: event => { this.speed = SPEEDS[event.target.selectedIndex]; } },
                text.speeds.map((speed, at) => el("option", { selected: at === 1 }, speed)))));
        this.tabs = el("div", { class: "tabs" });
        this.picture = el("section", { id: "picture", class: "card", "aria-label": text.picture });
        this.tools = el("div", { class: "bar tools" });
        this.scenes = el("details", { id: "scenes", class: "card" });
        this.showPlay();
        this.root.setAttribute("aria-busy", "true");
        fill(this.root, this.bar, this.notice, this.note, this.asking, this.query, this.obstacle, this.stage, this.why, this.steps, this.tools, this.tabs, this.picture, this.scenes);
    }

    get number() {
        return this.state.frame ? this.state.frame.number : 0;
    }

    /** Shows the parts that have come; the rows of a stage are made anew only where the stage is another. */
    show(parts, before) {
        const state = this.state;
        if ("lesson" in parts) this.showLesson();
        this.showAsking(state.asking);
        if (this.isOther("query", [state.query, this.trying])) fill(this.query, queryView(this, state.query));
        fill(this.obstacle, state.obstacle ? phrase(state.obstacle) : null);
        this.obstacle.hidden = !state.obstacle || state.query.problems?.length > 0;
        const ticked = state.asking && state.asking.by === "rows";
        if ("stage" in parts || ticked || "lesson" in parts) this.buildStage();
        if ("picture" in parts || state.asking && state.asking.by === "pairs") this.showPicture();
        this.showFrame(before);
        if ("stage" in parts || "picture" in parts) this.reach();
    }

    /** Whether a part is to show something else than it does. */
    isOther(part, shown) {
        this.shown ??= {};
        const now = JSON.stringify(shown);
        if (this.shown[part] === now) return false;
        this.shown[part] = now;
        return true;
    }

    /** What is asked stays as it is while somebody writes an answer: what is being pressed must not go away. */
    showAsking(asking) {
        if (!this.isOther("asking", { ...asking, guess: asking && asking.by === "kind" ? asking.guess : null, at: this.state.lesson.at })) return;
        fill(this.asking, askBar(this, asking));
        this.asking.hidden = !asking;
    }

    /** Sends what is written as an answer, and then wants something of it. */
    answerAnd(wish) {
        clearTimeout(this.waiting?.answer);
        const field = this.asking.querySelector("input[type=text],textarea");
        if (field && !field.disabled && field.value !== (this.state.asking.guess || "")) this.want({ do: "answer", text: field.value });
        this.want(wish);
    }

    showLesson() {
        const lesson = this.state.lesson, text = this.text;
        document.title = lesson.scene + " – " + lesson.title;
        fill(this.title, lesson.title);
        fill(this.place, lesson.scene === lesson.of ? null : [el("strong", {}, lesson.scene), " · "], el("span", { class: "mute" }, lesson.of));
        this.bar.classList.toggle("alone", lesson.scenes.length === 1);
        this.bar.querySelector("[data-key=before]").disabled = lesson.at === 0;
        this.bar.querySelector("[data-key=next]").disabled = lesson.at === lesson.scenes.length - 1;
        fill(this.tools, el("button", { "data-key": "try", "aria-pressed": this.trying, onclick: () => this.tryIt() }, text.tryIt),
            this.trying || lesson.changed ? [el("button", { "data-key": "undo", disabled: !lesson.undo, onclick: () => this.want({ do: "undo" }) }, text.undo),
                el("button", { "data-key": "redo", disabled: !lesson.redo, onclick: () => this.want({ do: "redo" }) }, text.redo),
                el("button", { "data-key": "putBack", disabled: !lesson.changed, onclick: () => this.want({ do: "putBack" }) }, text.asItWas)] : null,
            el("span", { class: "room" }), el("button", { "data-key": "save", onclick: () => this.save() }, text.save),
            el("button", { "data-key": "print", onclick: () => print() }, text.print));
        fill(this.note, lesson.note.map(noteBlock));
        this.note.hidden = !lesson.note.length;
        const open = this.scenes.open;
        fill(this.scenes, el("summary", {}, text.scenes, lesson.score ? el("span", { class: "mute" }, " · " + lesson.score) : null),
            el("ol", {}, lesson.scenes.map((scene, at) => el("li", {}, el("button", { "data-key": "scene-" + at, "aria-current": at === lesson.at ? "true" : null, onclick: () => this.want({ do: "scene", number: at }) },
                scene.title), scene.asks ? el("span", { class: scene.right ? "right-guess" : "mute" }, scene.right ? " ✓ " + text.answered : " · " + text.asks) : null))),
            el("p", { class: "mute" }, text.worksAlone));
        this.scenes.open = open;
    }

    tryIt() {
        this.trying = !this.trying;
        this.showLesson();
        this.show({ stage: true }, this.state);
    }

    unfold() {
        this.unfolded = !this.unfolded;
        this.show({ stage: true }, this.state);
    }

    buildStage() {
        const stage = this.state.stage;
        this.lit = null;
        this.stage.className = stage ? stage.sort : "";
        if (!stage) return fill(this.stage);
        this.cards = stage.inputs.map((input, at) => inputTable(this, input, at));
        if (stage.inputs.length === 2) stage.inputs.forEach((input, at) => document.documentElement.style.setProperty(at ? "--right" : "--left", `var(--${input.hue})`));
        this.stage.style.setProperty("--room", stage.result.room);
        this.resultHead = el("h2", { class: "head wide" });
        this.results = el("div", { class: "wide", id: "result" });
        if (stage.sort === "join") {
            this.gap = el("div", { class: "gap", "aria-hidden": "true" }, svg("svg", { id: "lanes" }), el("div", { id: "verdict", hidden: true }));
            fill(this.stage, this.cards[0], this.gap, this.cards[1], this.resultHead);
            this.parts = null;
        } else {
            this.gap = null;
            fill(this.stage, this.cards, this.resultHead);
        }
    }

    showFrame(before) {
        const { stage, frame } = this.state;
        [this.why, this.steps, this.stage].forEach(part => { part.hidden = !frame || !stage; });
        if (!frame || !stage) return;
        const was = before && before.frame;
        this.range.max = frame.last;
        this.range.value = frame.number;
        this.range.style.setProperty("--done", 100 * frame.number / Math.max(1, frame.last) + "%");
        this.range.setAttribute("aria-label", frame.step);
        this.range.setAttribute("aria-valuetext", frame.step);
        this.steps.querySelector("[data-key=start]").disabled = this.steps.querySelector("[data-key=back]").disabled = frame.number === 0;
        this.steps.querySelector("[data-key=on]").disabled = this.steps.querySelector("[data-key=end]").disabled = frame.number === frame.last;
        (frame.inputs || []).forEach((shown, at) => this.cards[at] && showStates(this.cards[at], stage.inputs[at], shown));
        this.showResult(frame);
        this.light();
        if (frame.number === frame.last) this.stop();
        const landed = frame.landed;
        if (was && landed.lands && frame.number === was.number + 1 && landed.rows.length) {
            const row = landed.rows[landed.rows.length - 1];
            glide(this, row, this.cards, side => this.stage.querySelector(`[data-result="${side}"] tr[data-id="${row.id}"]`));
        }
    }

    showResult(frame) {
        const stage = this.state.stage, landed = frame.landed;
        if (!this.isOther("result", landed) && this.stage.querySelector("[data-result]")) return;
        fill(this.resultHead, stage.result.title, " ", el("small", {}, landed.said || ""));
        this.stage.querySelectorAll("[data-result]").forEach(part => part.remove());
        const sided = stage.sort === "join" && stage.result.columns.some(column => column.side);
        if (!sided) {
            this.stage.append(el("div", { class: "card scroll wide", "data-result": "all" }, resultTable(stage.result.columns, landed, null, null, null)));
        } else {
            const [left, right] = ["left", "right"].map((side, at) => {
                const table = resultTable(stage.result.columns, landed, side, widths(stage.inputs[at], stage.result), stage.inputs[at].columns, areTicked(this, stage.inputs[at]));
                return el("div", { class: (table ? "card " : "") + "scroll side" + (this.unfolded ? "" : " folded"), "data-result": side }, table);
            });
            const from = el("div", { class: "from", "data-result": "from" }, (landed.rows || []).map(row => el("div", {}, stage.inputs.some(input => input.unseen) ? "" : row.from)));
            this.stage.append(el("div", { class: "wide parts", "data-result": "parts" }, left, from, right));
        }
        if (landed.lands) this.stage.querySelectorAll(".result tbody tr:last-child").forEach(row => row.classList.add("now"));
        this.stage.querySelectorAll(".result tbody tr").forEach(row => {
            const found = landed.rows.find(one => one.id === row.dataset.id);
            row.addEventListener("pointerenter", event => event.pointerType === "mouse" && this.pointRow(found));
            row.addEventListener("pointerleave", event => event.pointerType === "mouse" && this.point(null));
        });
    }

    /** What can be scrolled can be reached by the keyboard. */
    reach() {
        this.root.querySelectorAll(".scroll, #picture").forEach(part => part.scrollWidth > part.clientWidth ? part.setAttribute("tabindex", "0") : part.removeAttribute("tabindex"));
    }

    lanes() {
        const { stage, frame } = this.state;
        if (this.gap && frame && frame.lanes) drawLanes(this.gap, this.cards, stage, frame, this.lit);
    }

    showPicture() {
        const { picture } = this.state;
        fill(this.tabs, this.text.pictures.map(one => el("button", { "data-key": "tab-" + one.id, "aria-pressed": one.id === picture.chosen, onclick: () => this.want({ do: "look", picture: one.id }) }, one.name)));
        fill(this.picture, pictureOf(this, picture));
    }

    /** Lights what belongs to a row that is pointed at. */
    point(side, row) {
        if (this.held || !this.ask) return;
        if (side === null) this.lit = null;
        else if (side === undefined) return;
        else this.lit = this.ask({ do: "point", ...(side === "pair" ? { left: row[0], right: row[1] } : { [side]: row }) });
        this.light();
    }

    pointRow(row) {
        if (!row) return;
        if (row.left !== undefined && row.right !== undefined) this.point("pair", [row.left, row.right]);
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

    light() {
        const lit = this.lit, frame = this.state.frame;
        ["left", "right"].forEach((side, at) => this.cards && this.cards[at] && this.cards[at].querySelectorAll("tbody tr").forEach((row, number) =>
            row.classList.toggle("lit", Boolean(lit && lit[side] && lit[side].includes(number)))));
        this.stage.querySelectorAll(".result tbody tr").forEach(row => {
            const found = lit && frame && (frame.landed.rows || []).find(one => one.id === row.dataset.id);
            const belongs = found && ["left", "right"].every(side => found[side] === undefined || lit[side]?.includes(found[side]));
            row.classList.toggle("lit", Boolean(belongs));
        });
        if (frame) fill(this.why, el("span", { class: "step" }, frame.step), phrase(lit && lit.why ? lit.why : frame.why));
        this.lanes();
    }

    scene(by) {
        this.stop();
        this.held = false;
        this.want({ do: "scene", number: this.state.lesson.at + by });
    }

    go(number) {
        this.stop();
        this.want({ do: "step", number: Math.max(0, Math.min(number, this.state.frame.last)) });
    }

    pause() {
        return 1000 / this.speed;
    }

    toggle() {
        if (this.playing) return this.stop();
        if (!this.state.frame) return;
        if (this.number === this.state.frame.last) this.want({ do: "step", number: 0 });
        const next = () => {
            this.playing = setTimeout(() => {
                this.want({ do: "step", number: this.number + 1 });
                if (this.playing) next();
            }, this.pause());
        };
        next();
        this.showPlay();
    }

    stop() {
        clearTimeout(this.playing);
        this.playing = 0;
        this.showPlay();
    }

    showPlay() {
        const label = this.playing ? this.text.pause : this.text.play;
        fill(this.play, icon(this.playing ? ICONS.pause : ICONS.play));
        this.play.setAttribute("aria-label", label);
        this.play.title = label;
    }

    key(event) {
        if (event.ctrlKey || event.metaKey || event.altKey || event.target.closest("input,textarea,select")) return;
        const step = { ArrowRight: this.number + 1, ArrowLeft: this.number - 1, Home: 0, End: this.state.frame && this.state.frame.last }[event.key];
        if (step !== undefined && this.state.frame) this.go(step);
        else if (event.key === "PageDown") this.scene(1);
        else if (event.key === "PageUp") this.scene(-1);
        else if (event.key === " " && !event.target.closest("button,summary")) this.toggle();
        else if (event.key === "Escape") { this.held = false; this.point(null); return; }
        else return;
        event.preventDefault();
    }

    save() {
        download(zip(this.ask({ do: "files" })), this.state.lesson.title.replace(/[^\p{L}\p{N} _-]+/gu, "") + ".lunko");
    }
}

const page = new Page(JSON.parse(document.getElementById("first").textContent));
requestAnimationFrame(() => setTimeout(() => page.start()));
