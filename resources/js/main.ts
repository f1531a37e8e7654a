/** How each kind of file is fetched before it is wanted. */
const AS: Record<string, Partial<HTMLLinkElement>> = {
    js: { rel: 'modulepreload' },
    css: { rel: 'preload', as: 'style', crossOrigin: '' },
    woff2: { rel: 'preload', as: 'font', crossOrigin: '' },
};

function announce(file: string): void {
    const as = AS[file.split('.').at(-1) ?? ''];
    if (as !== undefined) {
        document.head.append(Object.assign(document.createElement('link'), as, { href: file }));
    }
}

/** Neither a screen nor a part of one is there to say it. */
function nothingBegins(): void {
    const said = document.createElement('p');
    said.setAttribute('role', 'alert');
    said.textContent = 'The scripts of this page did not come. Nothing that you saved is lost. ';
    const again = document.createElement('a');
    again.href = location.href;
    again.textContent = 'Load it again';
    said.append(again);
    document.querySelector('main')?.append(said);
}

/** The frame is painted before anything of the application is fetched or run. */
requestAnimationFrame(() =>
    setTimeout(() => {
        document.querySelector<HTMLMetaElement>('meta[name="announced"]')?.content.split(' ').forEach(announce);
        import('./begin').catch(nothingBegins);
    }, 0),
);
