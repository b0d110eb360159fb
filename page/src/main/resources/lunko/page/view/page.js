/* The page: it shows what the engine says, and tells it what is wanted. */

class Page {
    constructor(first) {
        this.state = first;
        this.text = first.text;
        this.root = document.getElementById("page");
        this.ask = null;
        this.trying = false;
        this.unfolded = false;
        this.shown = {};
        this.waiting = {};
        this.player = new Player(this);
        this.stage = new StageView(this);
        this.build();
        this.show(first, null);
        addEventListener("resize", () => { this.stage.lanes(); this.reach(); });
        addEventListener("pagehide", () => this.keep());
        addEventListener("keydown", event => this.key(event));
    }

    /** Starts the engine behind the first picture. */
    async start() {
        if (typeof DecompressionStream === "undefined") return this.say(this.text.tooOld);
        try {
            this.ask = await startEngine();
            const given = JSON.parse(await unpacked("lesson"));
            this.storeKey = "lunko:" + given.id;
            const kept = store.read(this.storeKey) || {};
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
        store.write(this.storeKey, { made: this.ask({ do: "files" }), attempts: this.unkept, at: this.state.lesson.at });
        this.unkept = null;
        if (store.refused) this.say(this.text.notKept);
    }

    /** Another query, in the place of what is being typed. */
    write(sql) {
        clearTimeout(this.waiting.write);
        this.want({ do: "write", sql });
    }

    /** Does something a moment later, unless it is asked for again until then. */
    later(action, wait, name = "later") {
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
        this.title = el("h1");
        this.place = el("span", { id: "place" });
        this.notice = el("div", { class: "problem note", role: "status", hidden: true });
        this.bar = el("header", { class: "bar" }, this.title, el("span", { class: "room" }),
            iconButton("back", "before", text.sceneBefore, () => this.scene(-1)), this.place, iconButton("on", "next", text.nextScene, () => this.scene(1)));
        this.note = el("section", { class: "note" });
        this.asking = el("section", { id: "ask", "aria-label": text.answer });
        this.query = el("section", { class: "query", "aria-label": text.query });
        this.obstacle = el("div", { class: "problem", role: "status" });
        this.why = el("p", { id: "why", class: "card", "aria-live": "polite" });
        this.tabs = el("div", { class: "tabs" });
        this.picture = el("section", { id: "picture", class: "card", "aria-label": text.picture });
        this.tools = el("div", { class: "bar tools" });
        this.scenes = el("details", { id: "scenes", class: "card" });
        this.root.setAttribute("aria-busy", "true");
        fill(this.root, this.bar, this.notice, this.note, this.asking, this.query, this.obstacle, this.stage.node, this.why, this.player.bar, this.tools, this.tabs, this.picture, this.scenes);
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
        if ("stage" in parts || ticked || "lesson" in parts) this.stage.build(state.stage);
        if ("picture" in parts || state.asking && state.asking.by === "pairs") this.showPicture();
        const seen = Boolean(state.frame && state.stage);
        [this.why, this.player.bar, this.stage.node].forEach(part => { part.hidden = !seen; });
        if (seen) {
            this.player.show(state.frame);
            this.stage.show(state.stage, state.frame, before && before.frame);
        }
        if ("stage" in parts || "picture" in parts) this.reach();
    }

    /** What is said of the step, or of a row that is lit. */
    showWhy(other) {
        const frame = this.state.frame;
        if (frame) fill(this.why, el("span", { class: "step" }, frame.step), phrase(other || frame.why));
    }

    /** What belongs to a row that is pointed at. */
    belonging(row) {
        return this.ask ? this.ask({ do: "point", ...row }) : null;
    }

    /** Whether a part is to show something else than it does. */
    isOther(part, shown) {
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
        clearTimeout(this.waiting.answer);
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
            lesson.score ? el("button", { class: "copy", "data-key": "results", onclick: () => this.copyResults() }, text.copyResults) : null,
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

    /** What can be scrolled can be reached by the keyboard. */
    reach() {
        this.root.querySelectorAll(".scroll, #picture").forEach(part => part.scrollWidth > part.clientWidth ? part.setAttribute("tabindex", "0") : part.removeAttribute("tabindex"));
    }

    showPicture() {
        const { picture } = this.state;
        fill(this.tabs, this.text.pictures.map(one => el("button", { "data-key": "tab-" + one.id, "aria-pressed": one.id === picture.chosen, onclick: () => this.want({ do: "look", picture: one.id }) }, one.name)));
        fill(this.picture, pictureOf(this, picture));
    }

    scene(by) {
        this.player.stop();
        this.want({ do: "scene", number: this.state.lesson.at + by });
    }

    key(event) {
        if (event.ctrlKey || event.metaKey || event.altKey || event.target.closest("input,textarea,select")) return;
        const { number, last } = this.player;
        const step = { ArrowRight: number + 1, ArrowLeft: number - 1, Home: 0, End: last }[event.key];
        if (step !== undefined && this.state.frame) this.player.go(step);
        else if (event.key === "PageDown") this.scene(1);
        else if (event.key === "PageUp") this.scene(-1);
        else if (event.key === " " && !event.target.closest("button,summary")) this.player.toggle();
        else if (event.key === "Escape") return this.stage.release();
        else return;
        event.preventDefault();
    }

    /** What has come of the questions goes to the clipboard, and nowhere else. */
    async copyResults() {
        await navigator.clipboard.writeText(this.ask({ do: "results" }));
        this.say(this.text.copied);
    }

    /** The lesson as a file, with the answers beside it. */
    save() {
        download(zip({ ...this.ask({ do: "files" }), "answers.json": JSON.stringify(this.ask({ do: "attempts" })) }), this.state.lesson.title.replace(/[^\p{L}\p{N} _-]+/gu, "") + ".lunko");
    }
}

const page = new Page(JSON.parse(document.getElementById("first").textContent));
requestAnimationFrame(() => setTimeout(() => page.start()));
