<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';

    /** What is sold most is owned with one tap. */
    interface Props {
        catalogue: Schemas['Catalogue'];
        of: 'sprayers' | 'spoons';
        /** What is not offered again. */
        owned?: Schemas['Sprayer'][];
        /** Whether they stand in one row, which is passed along by a finger. */
        row?: boolean;
        onadded: () => void;
    }
    const { catalogue, of, owned = [], row = false, onadded }: Props = $props();
    type Common = Schemas['Catalogue']['commonSprayers'][number];
    const isOwned = ({ name, holds }: Common): boolean =>
        owned.some((mine) => mine.name === name && mine.holds.amount === holds.amount && mine.holds.unit === holds.unit);
    const offered = $derived(catalogue.commonSprayers.filter((one) => !isOwned(one)));
    const sending = new Sending();
    let again: () => void = () => undefined;

    async function sprayer(one: Common): Promise<void> {
        again = () => void sprayer(one);
        const { name, holds, shape } = one;
        const made = await sending.send((submission) => taken(api.POST('/api/sprayers', { body: { submission, name, holds, shape } })));
        if (made !== null) {
            undo.made('sprayers', made, made.name);
            onadded();
        }
    }

    async function spoons(set: string, name: string): Promise<void> {
        again = () => void spoons(set, name);
        const made = await sending.send((submission) => taken(api.POST('/api/measures/sets', { body: { submission, set } })));
        if (made !== null) {
            const back = made.measures.map(({ key, version }) => ({
                params: { path: { id: key } },
                body: { basedOn: version, takenBack: true },
            }));
            undo.done(say('shed/one-tap.now-yours', { name }), () =>
                Promise.all(back.map((one) => taken(api.PUT('/api/measures/{id}/taken-back', one)))),
            );
            onadded();
        }
    }
</script>

<div
    class={['flex gap-2', row ? '-mx-4 overflow-x-auto px-4 pb-1 whitespace-nowrap *:shrink-0' : 'flex-wrap']}
    role="group"
    aria-label={of === 'sprayers' ? say('shed/one-tap.common-sprayers') : say('shed/one-tap.sets-of-spoons')}
    data-one-tap={of}
>
    {#if of === 'sprayers'}
        {#each offered as one (one.name + one.words)}<button class="btn" disabled={sending.held} onclick={() => void sprayer(one)}
                >{one.name}, {one.words}</button
            >{/each}
    {:else}
        {#each catalogue.spoonSets as one (one.slug)}<button
                class="btn"
                disabled={sending.held}
                aria-label={`${one.name}: ${one.holds}`}
                onclick={() => void spoons(one.slug, one.name)}>{one.name}</button
            >{/each}
    {/if}
</div>
<FormFoot form={sending} send={() => again()} />
