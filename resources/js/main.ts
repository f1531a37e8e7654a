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
    document
        .querySelector('main')
        ?.insertAdjacentHTML(
            'beforeend',
            `<p role="alert">${say('app/main.scripts-did-not-come')} <a href="">${say('app/main.load-it-again')}</a></p>`,
        );
}

/** The frame is painted before anything of the application is fetched or run. */
requestAnimationFrame(() =>
    setTimeout(() => {
        document.querySelector<HTMLMetaElement>('meta[name="announced"]')?.content.split(' ').forEach(announce);
        import('./begin').catch(nothingBegins);
    }, 0),
);
