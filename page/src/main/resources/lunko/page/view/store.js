/* What a learner did stays in the browser, one key a lesson, and goes into a file where they want it. */

/** What is kept under a name; nothing, where the browser keeps nothing. */
const store = {
    refused: false,
    read(key) {
        try {
            return JSON.parse(localStorage.getItem(key));
        } catch {
            this.refused = true;
            return null;
        }
    },
    write(key, value) {
        try {
            localStorage.setItem(key, JSON.stringify(value));
        } catch {
            this.refused = true;
        }
    }
};

const CRC = Uint32Array.from({ length: 256 }, (_, n) => {
    for (let bit = 0; bit < 8; bit++) n = n & 1 ? 0xEDB88320 ^ n >>> 1 : n >>> 1;
    return n;
});

function crc32(bytes) {
    let crc = ~0;
    for (const byte of bytes) crc = CRC[(crc ^ byte) & 255] ^ crc >>> 8;
    return ~crc >>> 0;
}

/** Texts by name as a ZIP without compression (APPNOTE 4.3: local headers, central directory, its end). */
function zip(texts) {
    const parts = [], central = [];
    let offset = 0, entries = 0, length = 0;
    for (const [name, text] of Object.entries(texts)) {
        const title = new TextEncoder().encode(name), bytes = new TextEncoder().encode(text);
        // Version 2.0, names in UTF-8, stored; 1 January 1980.
        const about = [[2, 20], [2, 0x800], [2, 0], [2, 0], [2, 33], [4, crc32(bytes)], [4, bytes.length], [4, bytes.length], [2, title.length], [2, 0]];
        const local = numbers([[4, 0x04034B50], ...about]);
        const listed = numbers([[4, 0x02014B50], [2, 20], ...about, [2, 0], [2, 0], [2, 0], [4, 0], [4, offset]]);
        parts.push(local, title, bytes);
        central.push(listed, title);
        offset += local.length + title.length + bytes.length;
        length += listed.length + title.length;
        entries++;
    }
    const end = numbers([[4, 0x06054B50], [2, 0], [2, 0], [2, entries], [2, entries], [4, length], [4, offset], [2, 0]]);
    return new Blob([...parts, ...central, end], { type: "application/zip" });
}

/** Numbers of two or four bytes, the lowest first. */
function numbers(all) {
    return Uint8Array.from(all.flatMap(([size, number]) => Array.from({ length: size }, (_, byte) => number >>> 8 * byte & 255)));
}

function download(blob, name) {
    const link = el("a", { href: URL.createObjectURL(blob), download: name });
    document.body.append(link);
    link.click();
    link.remove();
    setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}
