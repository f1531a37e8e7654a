<script lang="ts">
    import { CLASSES, spread } from '../lib/spots';

    interface Props {
        label: string;
        each: string[];
        /** Whether a class can be tapped instead of a number. */
        classes?: boolean;
        /** Shares that can be tapped, where percent are asked. */
        shares?: number[];
    }
    let { label, each = $bindable(), classes = false, shares = [] }: Props = $props();
    let fields = $state<HTMLInputElement[]>([]);
    let here = $state(0);
    const taps = $derived(
        shares.length > 0 ? shares.map((share) => ({ value: String(share), name: `${share} %` })) : classes ? [...CLASSES] : [],
    );

    function go(to: number): void {
        fields[Math.min(Math.max(to, 0), each.length - 1)]?.focus();
    }

    function keys(event: KeyboardEvent, i: number): void {
        if (event.key === 'Enter' || event.key === ' ') {
            if (i < each.length - 1) {
                event.preventDefault();
                go(i + 1);
            } else if (event.key === ' ') {
                event.preventDefault();
            }
        } else if (event.key === 'Backspace' && each[i] === '') {
            event.preventDefault();
            go(i - 1);
        }
    }

    function pasted(event: ClipboardEvent, i: number): void {
        const text = event.clipboardData?.getData('text') ?? '';
        if (/[\s,;]/.test(text.trim())) {
            event.preventDefault();
            each = spread(each, i, text);
        }
    }

    function tap(value: string): void {
        each[here] = value;
        go(here + 1);
    }
</script>

<fieldset class="grid gap-2">
    <legend>{label}</legend>
    <div class="flex flex-wrap gap-1">
        {#each each as text, i (i)}
            <label class="grid justify-items-center text-sm"
                ><span class="numeral">{i + 1}</span><input
                    bind:this={fields[i]}
                    bind:value={each[i]}
                    class={['input numeral h-11 px-1 text-center', text.length > 3 ? 'w-20' : 'w-14']}
                    inputmode="decimal"
                    autocomplete="off"
                    aria-label={`${label}: ${i + 1}`}
                    onfocus={() => (here = i)}
                    onkeydown={(event) => keys(event, i)}
                    onpaste={(event) => pasted(event, i)}
                /></label
            >
        {/each}
    </div>
    {#if taps.length > 0}
        <div class="flex flex-wrap gap-1" role="group" aria-label={say('parts/spots.for-number', { here: here + 1 })}>
            {#each taps as one (one.value)}<button type="button" class="btn min-h-11 px-3" onclick={() => tap(one.value)}>{one.name}</button
                >{/each}
        </div>
    {/if}
</fieldset>
