<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';

    /** What stands in most houses is put on the shelf with one tap; anything else by what its label calls it. */
    type Slug = Schemas['NewShelfBottle']['ingredient'];
    interface Props {
        ingredients: Schemas['Catalogue']['ingredients'];
        bottles: Schemas['ShelfBottle'][];
        /** Whether only what most sprays want stands open. */
        few?: boolean;
        onadded: () => void;
    }
    /** So many fill no more than half a phone. */
    const FEW = 6;
    const { ingredients, bottles, few = false, onadded }: Props = $props();
    const offered = $derived(ingredients.filter((one) => !bottles.some((bottle) => bottle.ingredient === one.slug)));
    const sending = new Sending();
    let words = $state('');
    let heard = $state.raw<Schemas['HeardBottle'] | null>(null);
    const id = $props.id();

    async function put(called: string, ingredient: Slug, strength: number | null): Promise<void> {
        const made = await sending.send((submission) =>
            taken(api.POST('/api/shelf', { body: { submission, words: called, ingredient, ...(strength !== null && { strength }) } })),
        );
        if (made !== null) {
            undo.made('shelf', made, made.words);
            words = '';
            heard = null;
            onadded();
        }
    }

    async function read(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const said = words.trim();
        if (said === '') {
            return;
        }
        const found = await sending.send(() => taken(api.GET('/api/shelf/read', { params: { query: { words: said } } })));
        heard = found;
        if (found !== null && found.ingredient !== null && found.says === '') {
            await put(said, found.ingredient as Slug, found.strength);
        }
    }
</script>

<div class="grid gap-3" data-add-bottle>
    {#if offered.length > 0}
        <p class="font-bold">{say('shelf/add-bottle.tap-what-is-here')}</p>
        <div
            class={few ? 'grid grid-cols-2 gap-2 sm:flex sm:flex-wrap' : 'flex flex-wrap gap-2'}
            role="group"
            aria-label={say('shelf/add-bottle.tap-what-is-here')}
        >
            {#each few ? offered.slice(0, FEW) : offered as one (one.slug)}{@render tap(one)}{/each}
        </div>
    {/if}
    {#if few}<details>
            <summary class="min-h-11 cursor-pointer py-2">{say('shelf/add-bottle.more')}</summary>
            <div class="grid gap-3">
                <div class="flex flex-wrap gap-2">
                    {#each offered.slice(FEW) as one (one.slug)}{@render tap(one)}{/each}
                </div>
                {@render other()}
            </div>
        </details>{:else}{@render other()}{/if}
    <FaultNote fault={sending.fault} />
</div>

{#snippet tap(one: Props['ingredients'][number])}<div class="grid content-start gap-1">
        <button class="btn" disabled={sending.held} onclick={() => void put(one.name, one.slug as Slug, null)}>{one.name}</button
        >{#if one.also}<span class="quiet px-1 text-sm leading-tight">{one.also}</span>{/if}
    </div>{/snippet}
{#snippet other()}
    <form class="grid max-w-xl gap-2" onsubmit={(event) => void read(event)}>
        <label class="grid gap-1" for={id}><span class="font-bold">{say('shelf/add-bottle.something-else')}</span></label>
        <div class="flex gap-2">
            <input {id} class="input w-full" maxlength="200" autocomplete="off" bind:value={words} oninput={() => (heard = null)} />
            <button class="btn" disabled={sending.held}>{say('shelf/add-bottle.put-it-there')}</button>
        </div>
        {#if heard !== null && heard.says !== ''}
            <div class="grid gap-2" role="status" data-heard>
                <p>
                    {#if heard.ingredient !== null}{say('shelf/add-bottle.read-as', { name: heard.name })}
                    {/if}{heard.says}
                </p>
                <div class="flex flex-wrap gap-2">
                    {#if heard.ingredient !== null}<button
                            type="button"
                            class="btn"
                            disabled={sending.held}
                            onclick={() => void put(words.trim(), heard?.ingredient as Slug, heard?.strength ?? null)}
                            >{say('shelf/add-bottle.put-it-there')}</button
                        >{/if}
                    {#each heard.answers as one (one.line)}<button
                            type="button"
                            class="btn"
                            onclick={() => {
                                words = one.line;
                                void read();
                            }}>{one.words}</button
                        >{/each}
                </div>
            </div>
        {/if}
    </form>
{/snippet}
