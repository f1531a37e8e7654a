<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import BottleForm from './BottleForm.svelte';
    import { LEVELS, MARK, tapOf } from './level';
    import { bodyOf } from './said';

    interface Props {
        bottle: Schemas['ShelfBottle'];
        units: Schemas['Catalogue']['volumeUnits'];
        powder: boolean;
        alcohol: boolean;
        onchange: () => void;
    }
    const { bottle, units, powder, alcohol, onchange }: Props = $props();
    const sending = new Sending();
    const level = $derived(tapOf(bottle.share));
    let open = $state(false);

    async function change(tenths: number): Promise<void> {
        const made = await sending.send((_, basedOn) =>
            taken(
                api.PUT('/api/shelf/{id}', {
                    params: { path: { id: bottle.key } },
                    body: { basedOn: basedOn(bottle.version), ...bodyOf(bottle), tenths },
                }),
            ),
        );
        if (made !== null) {
            undo.changed('shelf', made, made.words, say('shelf/bottle-form.kept', { words: made.words }));
            // How much that is hangs on what it holds.
            open ||= bottle.holds === null && tenths > 0;
            onchange();
        }
    }

    async function retire(): Promise<void> {
        const made = await sending.send((_, basedOn) =>
            taken(
                api.PUT('/api/shelf/{id}/retired', {
                    params: { path: { id: bottle.key } },
                    body: { basedOn: basedOn(bottle.version), retired: true },
                }),
            ),
        );
        if (made !== null) {
            undo.changed('shelf', made, made.words, say('shelf/bottle-row.used-up'));
            onchange();
        }
    }
</script>

<li class="border-base-300 border-b py-2" data-bottle={bottle.ingredient}>
    <div class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
        <button
            type="button"
            class="flex min-h-11 min-w-40 flex-1 items-center gap-4 text-left"
            aria-expanded={open}
            onclick={() => (open = !open)}
        >
            <svg viewBox="0 0 24 44" width="24" height="44" aria-hidden="true" class="shrink-0">
                <path
                    d="M9 2h6v7l4 6v25a2 2 0 0 1-2 2H7a2 2 0 0 1-2-2V15l4-6z"
                    fill="none"
                    stroke="currentColor"
                    stroke-width="2"
                    stroke-linejoin="round"
                />
                {#if bottle.share !== null}<rect
                        x="7"
                        y={40 - 24 * bottle.share}
                        width="10"
                        height={24 * bottle.share}
                        fill="currentColor"
                    />{/if}
            </svg>
            <span class="min-w-0">
                <span class="text-lg font-bold">{bottle.words}</span>
                {#if bottle.strength !== null}<span>{say('shelf/bottle-row.of-percent', { strength: bottle.strength })}</span>{/if}
                {#if bottle.words.toLowerCase() !== bottle.name.toLowerCase()}<span class="quiet">{bottle.name}</span>{/if}
                <br /><span class="quiet" data-left>{bottle.leftWords}</span>
                <span class="link">{say('shelf/bottle-row.more')}</span>
            </span>
        </button>
        <div class="join" role="radiogroup" aria-label={say('shelf/bottle-row.how-much-is-left', { words: bottle.words })}>
            {#each LEVELS as one (one)}<button
                    type="button"
                    role="radio"
                    aria-checked={level === one}
                    aria-label={one === 0
                        ? say('shelf/bottle-row.empty')
                        : one === 10
                          ? say('shelf/bottle-row.full')
                          : say('shelf/bottle-row.tenths', { tenths: one })}
                    class="btn join-item min-w-11 {level === one ? 'btn-primary' : ''}"
                    disabled={sending.held}
                    onclick={() => void change(one)}>{MARK[one]}</button
                >{/each}
        </div>
    </div>
    {#if bottle.mind !== ''}<p class="text-sm">{bottle.mind}</p>{/if}
    <FaultNote fault={sending.fault} />
    {#if open}
        <div class="grid gap-3 py-3">
            {#key bottle.version}<BottleForm {bottle} {units} {powder} {alcohol} onkept={() => ((open = false), onchange())} />{/key}
            <div>
                <button type="button" class="btn" disabled={sending.held} onclick={() => void retire()}
                    >{say('shelf/bottle-row.used-up')}</button
                >
            </div>
        </div>
    {/if}
</li>
