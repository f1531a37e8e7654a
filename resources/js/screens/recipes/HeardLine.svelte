<script lang="ts">
    import type { Schemas } from '../../lib/client';

    interface Props {
        line: Schemas['Composed']['lines'][number];
        typed: string;
        onanswer: (line: string) => void;
    }
    const { line, typed, onanswer }: Props = $props();
    const marks = {
        line: 'Taken:',
        water: 'Water:',
        asked: 'Unclear:',
        refused: say('recipes/heard-line.not-taken'),
        'left-out': say('recipes/heard-line.left-out'),
        empty: '',
    };
    const rims = {
        line: 'border-success',
        water: 'border-info',
        asked: 'border-warning',
        refused: 'border-error',
        'left-out': 'border-base-300',
        empty: '',
    };
</script>

<li class={['border-l-8 pl-3', rims[line.kind]]} data-heard={line.kind}>
    <p class="quiet text-sm">{typed}</p>
    <p><strong>{marks[line.kind]}</strong> {line.text}</p>
    {#each line.assumed as one, i (i)}<p class="quiet text-sm">{one}</p>{/each}
    {#if line.answers.length > 0}
        <div class="mt-2 flex flex-wrap gap-2">
            {#each line.answers as answer, i (i)}
                <button type="button" class="btn" onclick={() => onanswer(answer.line)}>{answer.words}</button>
            {/each}
        </div>
    {/if}
</li>
