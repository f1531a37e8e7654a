<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { Seen } from './seen.svelte';
    import SignTile from './SignTile.svelte';
    import Suspects from './Suspects.svelte';

    const seen = new Seen();
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

    const groups = [
        { code: 'creatures', name: say('look/look-screen.anything-alive') },
        { code: 'traces', name: say('look/look-screen.what-they-leave') },
        { code: 'marks', name: say('look/look-screen.marks-on-leaves') },
        { code: 'plant', name: say('look/look-screen.whole-plant') },
        { code: 'before', name: say('look/look-screen.what-went-before') },
    ] as const;
</script>

<Head title={say('look/look-screen.what')}
    ><button class="btn" disabled={seen.signs.size === 0} onclick={() => seen.clear()}>{say('look/look-screen.start-over')}</button></Head
>
<Waiting of={page}>
    {#snippet children({ known, plants, tolerance })}
        <div class="grid items-start gap-4 lg:grid-cols-[minmax(0,1.5fr)_minmax(20rem,1fr)]">
            <div class="grid gap-4">
                {#each groups as group (group.code)}
                    <section class="dish" aria-label={group.name}>
                        <h2 class="mb-2">{group.name}</h2>
                        <div class="grid gap-2 sm:grid-cols-2">
                            {#each known.signs.filter((sign) => sign.group === group.code) as sign (sign.slug)}<SignTile
                                    {sign}
                                    {seen}
                                />{/each}
                        </div>
                    </section>
                {/each}
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
