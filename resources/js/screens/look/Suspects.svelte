<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { atTime } from '../../lib/time';
    import FaultNote from '../../parts/FaultNote.svelte';
    import PlantChoice from '../../parts/PlantChoice.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import { navigate } from '../../routes';
    import type { Seen } from './seen.svelte';

    interface Props {
        seen: Seen;
        plants: Schemas['Plant'][];
        tolerance: Schemas['Catalogue']['tolerance'];
        troubles: Schemas['Troubles']['troubles'];
    }
    const { seen, plants, tolerance, troubles }: Props = $props();
    const pestNames = $derived(Object.fromEntries(troubles.filter((one) => one.isPest).map((one) => [one.slug, one.name])));
    const sending = new Sending();

    const found = $derived(seen.diagnosis.value);
    /** Where several are there at once, each is told by itself. */
    const told = $derived(found === null ? [] : (found.suspects[0]?.slugs.length ?? 0) > 1 ? found.each : found.suspects);
    const pests = $derived(found?.suspects.some((one) => one.isPest) ?? false);

    let last = $state('');

    let choice = $state<{ isKnown: () => boolean; chosen: () => Promise<number> }>();

    async function open(pest: string): Promise<void> {
        last = pest;
        const on = (await choice?.chosen()) ?? 0;
        if (on === 0) {
            return;
        }
        const made = await sending.send((submission) =>
            taken(
                api.POST('/api/cases', {
                    body: { submission, plantId: on, pest, seen: seen.friends.size > 0 ? Object.fromEntries(seen.friends) : null },
                }),
            ),
        );
        if (made !== null) {
            void navigate('/cases/:id/choose', { params: { id: String(made.id) } });
        }
    }
</script>

<section class="dish grid gap-3" aria-label={say('look/suspects.suspects')}>
    <FaultNote fault={seen.diagnosis.fault} />
    {#if found !== null}
        <div role="status">
            {#if found.finding === 'likely' && found.suspects[0] !== undefined}
                <h2 data-finding={found.finding}>{say('look/suspects.likely', { name: found.suspects[0].name.toLowerCase() })}</h2>
                <p class="quiet text-sm">{found.words}</p>
            {:else}<h2 data-finding={found.finding}>{found.words}</h2>{/if}
        </div>
        {#each found.looks as look (look.slug)}
            <div class="border-info border-l-8 pl-3">
                <p class="font-bold">{look.words}</p>
                {#if look.yes.length > 0 && look.no.length > 0}<p class="quiet text-sm">
                        {say('look/suspects.yes-speaks-for-no-for', {
                            yes: look.yes.join(', ').toLowerCase(),
                            no: look.no.join(', ').toLowerCase(),
                        })}
                    </p>{/if}
                <div class="mt-2 flex gap-2">
                    <button
                        class="btn"
                        aria-label={say('look/suspects.yes', { words: look.words })}
                        onclick={() => seen.answer(look.sign, true)}>{say('look/suspects.yes-2')}</button
                    >
                    <button
                        class="btn"
                        aria-label={say('look/suspects.no', { words: look.words })}
                        onclick={() => seen.answer(look.sign, false)}>{say('look/suspects.no-2')}</button
                    >
                </div>
            </div>
        {/each}
        {#if pests || (found.suspects.length > 0 && plants.length > 0)}<PlantChoice
                bind:this={choice}
                {plants}
                {tolerance}
                bind:plantId={seen.plant}
            />{/if}
        {#if pests}
            <p class="quiet text-sm">{say('look/suspects.case-keeps-looks-sprays-and')}</p>
            <FormFoot form={sending} send={() => void open(last)} />
        {/if}
        <ol class="grid gap-4">
            {#each told.slice(0, 6) as suspect (suspect.slugs.join())}
                <li data-suspect={suspect.slugs.join(' ')}>
                    <div class="flex items-baseline gap-2">
                        <strong class="text-lg">{suspect.name}</strong><span class="quiet ml-auto"
                            >{Math.round(suspect.chancePercent)} %</span
                        >
                    </div>
                    <svg viewBox="0 0 100 6" class="h-2 w-full" aria-hidden="true" preserveAspectRatio="none">
                        <rect width="100" height="6" class="fill-base-300" /><rect
                            width={suspect.chancePercent}
                            height="6"
                            class="fill-primary"
                        />
                    </svg>
                    {#if suspect.for.length > 0}<p class="text-sm">{say('look/suspects.for', { for: suspect.for.join('; ') })}</p>{/if}
                    {#if suspect.against.length > 0}<p class="text-sm">
                            {say('look/suspects.not-its-doing', { against: suspect.against.join('; ') })}
                        </p>{/if}
                    {#if suspect.missing.length > 0}<p class="text-sm">
                            {say('look/suspects.missing', { missing: suspect.missing.join('; ') })}
                        </p>{/if}
                    {#if suspect.moved.length > 0}<p class="text-sm" data-moved>{suspect.moved.join(' ')}</p>{/if}
                    <p class="quiet text-sm">{suspect.matters}</p>
                    {#each suspect.slugs as slug (slug)}
                        {#if pestNames[slug] !== undefined}
                            <button
                                class="btn btn-primary mt-2 mr-2"
                                disabled={!(choice?.isKnown() ?? false) || sending.held}
                                onclick={() => void open(slug)}
                                >{say('look/suspects.open-case', { pestNames: pestNames[slug].toLowerCase() })}</button
                            >
                        {/if}
                    {/each}
                    {#if suspect.bySpray}
                        {#each found.rounds as round, i (i)}
                            <p class="border-warning mt-2 border-l-8 pl-3" data-burn>
                                {say('look/suspects.was')}
                                {#if round.batch}<a class="link" href={`/batches/${round.batch.id}`}>{round.name}</a
                                    >{:else}{round.name}{/if}{say('look/suspects.sprayed-on', { sprayedAt: atTime(round.sprayedAt) })}
                                <a class="link" href={`/cases/${round.case.id}`}>{round.case.name}</a>?
                            </p>
                        {:else}
                            <p class="mt-2">{say('look/suspects.no-round-of-last-week')}</p>
                        {/each}
                    {/if}
                </li>
            {/each}
        </ol>
    {/if}
</section>
