<script lang="ts">
    import { takenIn } from './taken';
    import { Fault } from '../../lib/fault';
    import FaultNote from '../../parts/FaultNote.svelte';

    const { ontaken }: { ontaken: () => void } = $props();

    interface Report {
        kept: boolean;
        rows: number;
        new: number;
        known: number;
        bad: number;
        plants: number;
        cases: number;
        faults: { line: number; reason: string }[];
    }
    let file = $state<File | null>(null);
    let report = $state.raw<Report | null>(null);
    let said = $state('');
    let fault = $state.raw<Fault | null>(null);
    let sending = $state(false);

    /** Sent as it is, piece by piece: a long table is never held whole. */
    async function put(path: string, type: string, body: File): Promise<unknown> {
        const answer = await fetch(path, { method: 'PUT', headers: { 'Content-Type': type, Accept: 'application/json' }, body });
        const told: unknown = await answer.json();
        if (!answer.ok) {
            const error = (told as { error?: { path?: string; message?: string } }).error;
            throw new Fault(error?.path ?? '', error?.message ?? say('worked/log-book.file-could-not-be-taken'));
        }
        return told;
    }

    async function send(keep: 'all' | 'good'): Promise<void> {
        if (file === null || sending) {
            return;
        }
        sending = true;
        fault = null;
        said = '';
        try {
            if (file.name.toLowerCase().endsWith('.json')) {
                const { taken } = (await put('/api/log.json', 'application/json', file)) as { taken: Record<string, number> };
                said = takenIn(taken);
                report = null;
                ontaken();
            } else {
                report = (await put(`/api/log.csv?keep=${keep}`, 'text/csv', file)) as Report;
                said = report.kept
                    ? say('worked/log-book.taken-in-new-of-rows', {
                          new: report.new,
                          rows: report.rows,
                          known: report.known > 0 ? say('worked/log-book.were-here', { known: report.known }) : '',
                          bad: report.bad > 0 ? say('worked/log-book.left-out', { bad: report.bad }) : '',
                      })
                    : say('worked/log-book.nothing-was-taken-in-of', { bad: report.bad, rows: report.rows });
                if (report.kept) {
                    ontaken();
                }
            }
        } catch (thrown) {
            fault = Fault.from(thrown);
        }
        sending = false;
    }
</script>

<div class="grid gap-3" data-logbook>
    <p class="flex flex-wrap gap-2">
        <a class="btn" href="/api/log.json" download>{say('worked/log-book.take-out-one-document')}</a><a
            class="btn"
            href="/api/log.csv"
            download>{say('worked/log-book.take-out-table')}</a
        >
    </p>
    <label class="grid gap-1"
        ><span>{say('worked/log-book.take-in-such-document-or')}</span><input
            type="file"
            class="input h-auto py-2 file:mr-3 file:font-bold"
            accept=".json,.csv,application/json,text/csv"
            onchange={(event) => {
                file = event.currentTarget.files?.[0] ?? null;
                report = null;
                said = '';
                fault = null;
            }}
        /></label
    >
    <p>
        <button class="btn" disabled={file === null || sending} onclick={() => void send('all')}>{say('worked/log-book.take-in')}</button>
    </p>
    <p aria-live="polite">{said}</p>
    {#if fault !== null}<FaultNote {fault} />{/if}
    {#if report !== null && report.bad > 0}
        <table class="w-full text-left text-sm" data-faults>
            <thead><tr><th scope="col">{say('worked/log-book.line')}</th><th scope="col">{say('worked/log-book.why-not')}</th></tr></thead>
            <tbody>
                {#each report.faults as one (one.line)}<tr><td class="numeral pr-3">{one.line}</td><td>{one.reason}</td></tr>{/each}
            </tbody>
        </table>
        {#if report.bad > report.faults.length}<p>{say('worked/log-book.and-more', { bad: report.bad - report.faults.length })}</p>{/if}
        {#if !report.kept && report.bad < report.rows}<p>
                <button class="btn" disabled={sending} onclick={() => void send('good')}>{say('worked/log-book.take-in-good-ones')}</button>
            </p>{/if}
    {/if}
</div>
