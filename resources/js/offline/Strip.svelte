<script lang="ts">
    import { newSubmission } from '../lib/submission';
    import { atTime, fromNow, instantAt } from '../lib/time';
    import LevelMark from '../parts/LevelMark.svelte';
    import TwoVersions from '../parts/TwoVersions.svelte';
    import Astray from './Astray.svelte';
    import type { Entry } from './entry';
    import { PLAN } from './guard';
    import { device, outbox } from './here';
    import { asAnother, inPlace } from './kinds';
    import { notebook } from './notebook.svelte';
    import { faultOf } from './refusal';
    import { isActive } from '../routes';
    import { alike, together } from './told';

    /** More than anybody settles in one go stand in the way of the screen. */
    const AT_ONCE = 4;
    const waiting = $derived(alike(outbox.waiting));
    const astray = $derived(together(outbox.entries.filter((one) => one.refused?.astray === true)));
    const refused = $derived(
        outbox.entries.filter((one) => one.refused !== null && one.refused.conflict === null && one.refused.astray !== true),
    );
    const conflicts = $derived(
        outbox.entries.flatMap((entry) =>
            entry.refused === null || entry.refused.conflict === null ? [] : [{ entry, fault: faultOf(entry.refused) }],
        ),
    );
    const many = $derived(outbox.waiting.length);
    /** So many are sent before anybody has read that they are. */
    const SOON = 20;
    /** What is on its way is nothing to speak of: it is there in a moment. */
    const stuck = $derived(outbox.down || (outbox.held !== null && many > 0));
    /** The newest plan that was worked out here, while no other can be. */
    let plan = $state.raw<{ where: string; at: string } | null>(null);
    $effect(() => {
        if (outbox.down) {
            void device.newest(PLAN).then((one) => (plan = one === null ? null : { where: one.where, at: new Date(one.at).toISOString() }));
        }
    });

    /** Also where the same screen is shown: it is put together anew. */
    function reopen(event: MouseEvent): void {
        event.preventDefault();
        location.assign(plan?.where ?? '/bench');
    }

    function mine(entry: Entry): (() => void) | undefined {
        const instead = inPlace(entry);
        return instead === null ? undefined : () => outbox.instead(entry, instead);
    }
</script>

{#if stuck || many > SOON || outbox.full || conflicts.length > 0 || refused.length > 0 || astray.length > 0 || notebook.other || notebook.ahead !== 0}
    <aside
        class="no-print mx-auto grid max-w-7xl gap-1 px-4 pt-2 sm:px-6"
        aria-label={say('offline/strip.this-device-and-line')}
        data-strip
    >
        {#if notebook.other}
            <p role="alert" class="flex flex-wrap items-center gap-2" data-other-notebook>
                <LevelMark level="stop" silent />
                <span class="min-w-52 flex-1">{say('offline/strip.other-notebook')}</span>
                <button class="btn" onclick={() => location.reload()}>{say('offline/strip.open-anew')}</button>
            </p>
        {:else if astray.length > 0}
            <p role="alert" class="flex items-start gap-2">
                <LevelMark level="caution" silent />
                <span>{astray.length === 1 ? say('offline/strip.astray-one') : say('offline/strip.astray', { many: astray.length })}</span>
            </p>
            {#each astray.slice(0, AT_ONCE) as one (one[0]?.id)}<Astray entries={one} />{/each}
            {#if astray.length > AT_ONCE}<p class="quiet">
                    {say('offline/strip.astray-rest', { many: astray.length - AT_ONCE })}
                </p>{/if}
        {/if}
        {#if notebook.ahead !== 0}
            <p role="status" class="flex items-start gap-2" data-clock-off>
                <LevelMark level="caution" silent />
                <span>{say('offline/strip.clock-off', { shows: fromNow(instantAt(notebook.ahead * 1000), new Date(0)) })}</span>
            </p>
        {/if}
        {#if !stuck && many > SOON}
            <p role="status" data-sending>{say('offline/strip.being-sent', { many })}</p>
        {/if}
        {#if stuck}
            <details>
                <summary class="flex min-h-11 cursor-pointer flex-wrap items-center gap-x-2 py-1 font-bold" data-waiting>
                    <LevelMark level="caution" silent />
                    <span role="status"
                        >{outbox.down ? say('offline/strip.no-line-to-machine-that') : outbox.held?.message}{many === 0
                            ? '.'
                            : say('offline/strip.on-this-device', {
                                  many: many === 1 ? say('offline/strip.1-entry-waits') : say('offline/strip.entries-wait', { many }),
                              })}</span
                    >
                </summary>
                <p class="quiet">
                    {say('offline/strip.you-see-what-was-last')}
                </p>
                <ul class="grid gap-1">
                    {#each waiting as one (one.entries[0]?.id)}
                        <li class="flex flex-wrap items-center gap-x-3">
                            <span class="flex-1"
                                >{one.entries.length > 1 ? `${one.entries.length} × ` : ''}{one.what}{one.of === '' ? '' : `, ${one.of}`}
                                <span class="quiet">{atTime(one.entries[0]?.at ?? '')}</span></span
                            >
                            <button class="btn btn-ghost" onclick={() => one.entries.forEach((entry) => outbox.drop(entry))}
                                >{say('offline/strip.drop')}</button
                            >
                        </li>
                    {/each}
                </ul>
            </details>
        {/if}
        {#if outbox.down && plan !== null && isActive('/bench') && navigator.serviceWorker?.controller}
            <p>
                {say('offline/strip.new-plan-needs-that-line')}
                <a class="link" href={plan.where} onclick={reopen} data-plan
                    >{say('offline/strip.last-one-from', { at: atTime(plan.at) })}</a
                >
            </p>
        {/if}
        {#if outbox.full}
            <p role="alert" class="flex items-start gap-2" data-full>
                <LevelMark level="stop" silent />
                <span><strong>{say('offline/strip.this-device-has-no-room')}</strong> {say('offline/strip.what-you-enter-lasts-only')}</span
                >
            </p>
        {/if}
        {#each conflicts as { entry, fault } (entry.id)}
            <div data-refused>
                <p><strong>{entry.what}{entry.of === '' ? '' : `, ${entry.of}`}</strong> <span class="quiet">{atTime(entry.at)}</span></p>
                <TwoVersions
                    {fault}
                    {...fault.isSavedBefore
                        ? { another: () => outbox.instead(entry, asAnother(entry, newSubmission())) }
                        : { mine: mine(entry) }}
                    leave={() => outbox.drop(entry)}
                />
            </div>
        {/each}
        {#each alike(refused) as one (one.entries[0]?.id)}
            <div class="border-warning flex flex-wrap items-center gap-x-3 border-l-8 pl-3" role="alert" data-refused>
                <p class="min-w-52 flex-1">
                    <strong>{one.entries.length > 1 ? `${one.entries.length} × ` : ''}{one.what}{one.of === '' ? '' : `, ${one.of}`}</strong
                    >
                    <span class="quiet">{atTime(one.entries[0]?.at ?? '')}</span>
                    {say('offline/strip.was-not-taken', { message: one.entries[0]?.refused?.message })}
                </p>
                <button class="btn" onclick={() => one.entries.forEach((entry) => outbox.drop(entry))}
                    >{say('offline/strip.i-have-seen')}</button
                >
            </div>
        {/each}
    </aside>
{/if}
