<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { Seen } from './seen.svelte';
    import SignDrawing from './SignDrawing.svelte';
    import SignTile from './SignTile.svelte';
    import Suspects from './Suspects.svelte';

    const seen = new Seen(Number(new URLSearchParams(location.search).get('plant') ?? 0) || 0);
    const page = new Loaded(async () => {
        const [known, { plants }, { tolerance }] = await Promise.all([
            taken(api.GET('/api/troubles')),
            taken(api.GET('/api/plants')),
            taken(api.GET('/api/catalogue')),
        ]);
        return { known, plants: plants.filter((plant) => !plant.retired), tolerance };
    });
    /** On a phone the suspects lie below the signs: what stands first is said where the thumb is. */
    const best = $derived.by(() => {
        const found = seen.diagnosis.value;
        const first = found?.suspects[0];
        return first === undefined
            ? null
            : say('look/look-screen.see-why', {
                  finding: found?.finding === 'cannot-tell' ? say('look/look-screen.perhaps') : say('look/look-screen.likely'),
                  name: first.name.toLowerCase(),
              });
    });

    /** Whether they are on the screen: then nothing need lead there. */
    let inView = $state(false);
    function watched(node: HTMLElement): () => void {
        const watcher = new IntersectionObserver(([entry]) => (inView = entry?.isIntersecting ?? false));
        watcher.observe(node);
        return () => watcher.disconnect();
    }

    function toSuspects(): void {
        const place = document.getElementById('suspects');
        place?.scrollIntoView();
        place?.focus();
    }

    /** What most look for stands open where nothing stands beside it. */
    const wide = matchMedia('(min-width: 64rem)');
    const first = (code: string): boolean => (code === 'creatures' || code === 'traces') && !wide.matches;
    /** Groups that were shut or opened by hand. */
    let shut = $state<Record<string, boolean>>({});

    /** What is looked for on the plant itself. */
    const LOOKED = ['creatures', 'traces', 'marks'];

    const groups = [
        { code: 'creatures', name: say('look/look-screen.anything-alive') },
        { code: 'traces', name: say('look/look-screen.what-they-leave') },
        { code: 'marks', name: say('look/look-screen.marks-on-leaves') },
        { code: 'plant', name: say('look/look-screen.whole-plant') },
        { code: 'before', name: say('look/look-screen.what-went-before') },
    ] as const;
</script>

<Head title={say('look/look-screen.what')}
    >{#if seen.signs.size > 0}<button class="btn" onclick={() => seen.clear()}>{say('look/look-screen.start-over')}</button>{/if}</Head
>
<Waiting of={page}>
    {#snippet children({ known, plants, tolerance })}
        <div class="grid items-start gap-4 lg:grid-cols-[minmax(0,1.5fr)_minmax(18rem,1fr)]">
            <div class="grid">
                {#each groups as group (group.code)}
                    {@const signs = known.signs.filter((sign) => sign.group === group.code)}
                    {@const ticked = signs.filter((sign) => seen.isSeen(sign.slug)).length}
                    <details
                        class="dish"
                        aria-label={group.name}
                        data-group={group.code}
                        open={shut[group.code] !== true && (ticked > 0 || shut[group.code] === false || first(group.code))}
                        ontoggle={(event) => (shut[group.code] = !event.currentTarget.open)}
                    >
                        <summary class="flex min-h-11 cursor-pointer items-center gap-3 sm:py-2"
                            ><h2 class="flex-1">{group.name}</h2>
                            {#if shut[group.code] !== false && ticked === 0 && !first(group.code)}<span
                                    class="quiet flex min-w-0"
                                    style:overflow="hidden"
                                    >{#each signs.slice(0, 4) as sign (sign.slug)}<SignDrawing code={sign.drawing} />{/each}</span
                                >{/if}
                            <span class="quiet text-sm">{ticked > 0 ? say('look/look-screen.ticked', { ticked }) : signs.length}</span
                            ></summary
                        >
                        <div class="mb-2 grid gap-1 sm:grid-cols-2">
                            {#each signs as sign (sign.slug)}<SignTile {sign} {seen} />{/each}
                        </div>
                    </details>
                {/each}
                <details class="dish" data-group="friends">
                    <summary class="flex min-h-11 cursor-pointer items-center gap-3 sm:py-2"
                        ><h2 class="flex-1">{say('look/look-screen.helpers')}</h2>
                        {#if seen.friends.size === 0}<span class="quiet flex min-w-0" style:overflow="hidden"
                                >{#each known.enemies.slice(0, 4) as enemy (enemy.slug)}<SignDrawing code={enemy.drawing} />{/each}</span
                            >{/if}
                        <span class="quiet text-sm"
                            >{seen.friends.size > 0
                                ? say('look/look-screen.ticked', { ticked: seen.friends.size })
                                : known.enemies.length}</span
                        ></summary
                    >
                    <div class="mb-2 grid gap-1 sm:grid-cols-2">
                        {#each known.enemies as enemy (enemy.slug)}
                            {@const there = seen.friends.has(enemy.slug)}
                            <button
                                class={[
                                    'flex items-center gap-3 rounded border-2 p-1 text-left sm:p-2',
                                    there ? 'border-primary bg-primary text-primary-content' : 'border-base-300 bg-base-100',
                                ]}
                                aria-pressed={there}
                                aria-label={enemy.name}
                                onclick={() => (there ? seen.friends.delete(enemy.slug) : seen.friends.set(enemy.slug, null))}
                            >
                                <SignDrawing code={enemy.drawing} />
                                <span class="min-w-0 flex-1 leading-tight">{enemy.name}</span>
                            </button>
                        {/each}
                    </div>
                </details>
                {#if seen.signs.size === 0}<button
                        class="btn mt-3 justify-self-start"
                        onclick={() => seen.nothing(known.signs.filter((sign) => LOOKED.includes(sign.group)).map((sign) => sign.slug))}
                        >{say('look/look-screen.found-nothing')}</button
                    >{/if}
            </div>
            <div id="suspects" {@attach watched} tabindex="-1" class="outline-none lg:sticky lg:top-4">
                <Suspects {seen} {plants} {tolerance} troubles={known.troubles} />
            </div>
        </div>
    {/snippet}
</Waiting>
{#if best !== null && !inView}
    <div class="no-print bg-base-100 border-base-300 sticky bottom-[var(--below)] -mx-4 border-t-2 p-3 lg:hidden">
        <button class="btn btn-primary w-full" onclick={toSuspects}>{best}</button>
    </div>
{/if}
