<script lang="ts">
    import LevelMark from '../../parts/LevelMark.svelte';
    import { best, down, families, levelOf, SURENESS, type Group } from './figures';

    const { groups, onshow }: { groups: Group[]; onshow: (pest: string) => void } = $props();
    const columns = $derived(families(groups.flatMap((group) => group.rows)));
</script>

<p id="matrix-told" class="quiet pb-1 text-sm">{say('worked/matrix.percent-down-in-middle-of')}</p>
<div class="overflow-x-auto" role="region" aria-label={say('worked/matrix.pest-by-spray')} tabindex="-1">
    <table class="matrix w-full text-left" aria-describedby="matrix-told">
        <thead>
            <tr>
                <th scope="col">{say('worked/matrix.pest')}</th>
                {#each columns as family (family)}<th scope="col">{family}</th>{/each}
            </tr>
        </thead>
        <tbody>
            {#each groups as group (group.pest)}
                <tr>
                    <th scope="row">{group.name}</th>
                    {#each columns as family (family)}
                        {@const row = best(group, family)}
                        <td>
                            {#if row !== undefined}
                                <span class="family" aria-hidden="true">{family}</span>
                                <a
                                    href={`#${group.pest}`}
                                    onclick={(event) => {
                                        event.preventDefault();
                                        onshow(group.pest);
                                    }}
                                    class={['cell', `sure-${row.sure}`]}
                                    data-sure={row.sure}
                                    aria-label={say('worked/matrix.on', {
                                        family,
                                        name: group.name,
                                        verdictWords: row.verdictWords,
                                        effect: row.effect === '' ? say('worked/matrix.not-judged-yet') : row.effect,
                                        SURENESS: SURENESS[row.sure],
                                    })}
                                >
                                    <LevelMark level={levelOf(row.verdict)} silent />
                                    <span class="numeral font-bold">{down(row.effectPercent)}</span>
                                    <svg class="w-full" height="6" viewBox="0 0 100 6" preserveAspectRatio="none" aria-hidden="true"
                                        ><path d="M0 3H100" class="stroke-base-300" stroke-width="6" /><path
                                            d={`M0 3H${Math.max(0, Math.min(100, row.effectPercent ?? 0))}`}
                                            class="stroke-primary"
                                            stroke-width="6"
                                        /></svg
                                    >
                                </a>
                            {:else if group.untried.some((one) => one.family === family)}<span class="quiet text-sm"
                                    >{say('worked/matrix.not-tried')}</span
                                >{/if}
                        </td>
                    {/each}
                </tr>
            {/each}
        </tbody>
    </table>
</div>

<style>
    .matrix th,
    .matrix td {
        padding: 0.25rem 0.35rem;
        vertical-align: middle;
    }
    .cell {
        display: grid;
        grid-template-columns: auto 1fr;
        align-items: center;
        gap: 0.15rem 0.35rem;
        min-height: 2.75rem;
        padding: 0.25rem 0.5rem;
        border-radius: 0.4rem;
        border: 2px dotted var(--color-base-content);
        color: inherit;
        text-decoration: none;
    }
    .family {
        display: none;
    }
    /* On a phone a pest is a line of what was tried on it: nothing lies beside the edge. */
    @media (max-width: 47.99rem) {
        .matrix thead {
            position: absolute;
            clip-path: inset(50%);
        }
        .matrix tr {
            display: flex;
            flex-wrap: wrap;
            gap: 0.25rem 0.5rem;
            padding-bottom: 0.5rem;
        }
        .matrix th[scope='row'] {
            width: 5.8rem;
            align-self: center;
            padding: 0;
        }
        .matrix td {
            padding: 0;
        }
        .matrix td:not(:has(.cell)) {
            display: none;
        }
        .family {
            display: block;
            grid-column: 1 / -1;
            font-size: 0.9rem;
        }
    }
    .cell .numeral {
        white-space: nowrap;
    }
    .cell > svg:last-child {
        grid-column: 1 / -1;
    }
    .sure-fairly {
        border-style: dashed;
    }
    .sure-sure {
        border-style: solid;
    }
</style>
