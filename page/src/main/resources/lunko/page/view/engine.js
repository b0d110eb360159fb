/* Lunko's own engine, packed into the page: unpacked and started once the first picture is there. */

/** The text that is packed into an element: gzip in base64. */
async function unpacked(id) {
    const packed = atob(document.getElementById(id).textContent.trim());
    const bytes = new Uint8Array(packed.length);
    for (let at = 0; at < bytes.length; at++) bytes[at] = packed.charCodeAt(at);
    return new Response(new Blob([bytes]).stream().pipeThrough(new DecompressionStream("gzip"))).text();
}

/** The engine: JSON in, JSON out. */
async function startEngine() {
    const script = document.createElement("script");
    script.textContent = await unpacked("engine");
    // The engine gives what it exports to what it is loaded into.
    document.head.append(script);
    return wish => JSON.parse(window.ask(JSON.stringify(wish)));
}
