<script lang="ts">
    import { Fault } from '../lib/fault';
    import { readAll, type Keep, type Read } from '../lib/files';
    import LevelMark from './LevelMark.svelte';

    interface Props {
        label: string;
        /** What is read, with its article. */
        what: string;
        keep: Keep;
        onread: () => void;
    }
    const { label, what, keep, onread }: Props = $props();
    let read = $state.raw<Read[]>([]);

    async function keepAllTheSame(at: number): Promise<void> {
        const again = read[at]?.again;
        if (!again) {
            return;
        }
        let next: Partial<Read>;
        try {
            next = { kept: await again(), fault: '', again: null };
        } catch (thrown) {
            next = { fault: Fault.from(thrown).message };
        }
        read = read.map((one, i) => (i === at ? { ...one, ...next } : one));
        onread();
    }

    async function take(input: HTMLInputElement): Promise<void> {
        read = await readAll(input.files ?? [], what, keep);
        // The same file may be read again once it is mended.
        input.value = '';
        onread();
    }
</script>

<label class="grid gap-1">
    <span class="font-bold">{label} <span class="font-normal">{say('parts/read-files.several-or-zip-of-them')}</span></span>
    <input
        type="file"
        accept=".json,application/json,.zip,application/zip"
        multiple
        class="input h-auto py-2 file:mr-3 file:font-bold w-full"
        onchange={(event) => void take(event.currentTarget)}
    />
</label>
<div role="status" data-read>
    <ul class="grid gap-2">
        {#each read as one, i (i)}
            <li class={['border-l-8 pl-3', one.fault === '' ? 'border-success' : 'border-error']}>
                <LevelMark level={one.fault === '' ? 'ok' : 'fault'} />
                <strong>{one.file}</strong>: {one.fault === '' ? `${one.kept}.` : one.fault}
                {#if one.again !== null}<button type="button" class="btn" onclick={() => void keepAllTheSame(i)}
                        >{say('parts/read-files.keep-as-next-version')}</button
                    >{/if}
            </li>
        {/each}
    </ul>
</div>
