<script lang="ts">
    import type { Schemas } from '../lib/client';
    import { historyOf, type Kind } from '../lib/corrections';
    import { Latest } from '../lib/latest.svelte';
    import { atTime, told } from '../lib/time';
    import By from './By.svelte';
    import FaultNote from './FaultNote.svelte';

    /** How often it was changed, where that is known before it is asked. */
    const { kind, id, changes }: { kind: Kind; id: number; changes?: number } = $props();
    const history = new Latest<Schemas['History']>();
    let open = $state(false);
    const words = {
        corrected: 'Corrected',
        'taken-back': say('parts/history.taken-back'),
        'put-back': say('parts/history.put-back'),
        reopened: say('parts/history.opened-again'),
    } as const;

    $effect(() => {
        if (open && changes !== 0) {
            void history.ask(() => historyOf(kind, id));
        }
    });
</script>

{#if changes !== 0}
    <details bind:open class="text-sm" data-history>
        <summary class="quiet min-h-11 cursor-pointer py-3"
            >{changes === undefined
                ? say('parts/history.what-was-before')
                : say('parts/history.changed-what-was-before', {
                      changes: changes === 1 ? 'once' : say('parts/history.times', { changes }),
                  })}</summary
        >
        <FaultNote fault={history.fault} />
        {#if history.value?.changes.length === 0}<p class="pb-2">{say('parts/history.was-never-changed')}</p>{/if}
        <ol class="grid gap-2 pb-2">
            {#each history.value?.changes ?? [] as change, i (i)}
                <li>
                    {words[change.what]}
                    {atTime(change.at)}<By who={change.who} />{say('parts/history.before-that', {
                        was: change.was.map((one) => `${one.name} ${told(one.value)}`).join('; '),
                    })}
                </li>
            {/each}
        </ol>
    </details>
{/if}
