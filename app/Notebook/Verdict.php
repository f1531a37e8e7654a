<?php

declare(strict_types=1);

namespace App\Notebook;

use IdleMixer\Core\Words\Say;

/** Says in a sentence why a notebook cannot be opened, and the way back. */
final readonly class Verdict
{
    public function __construct(private Places $places, private Copies $copies, private Salvage $salvage, private Edition $edition) {}

    public function of(Finding $found): Refused
    {
        $path = $this->places->notebook;

        return new Refused(match ($found->condition) {
            Condition::Damaged => Say::it('notebook/verdict.damaged', ['path' => $path, 'detail' => $found->detail, 'read-out' => $this->readOut()]),
            Condition::Newer => Say::it('notebook/verdict.newer.notebook-was-written-by-newer', ['path' => $path, 'detail' => $found->detail, 'version' => $this->edition->version(), 'newest' => $this->newest(Say::it('notebook/verdict.newer'))]),
            Condition::Emptied => Say::it('notebook/verdict.emptied.notebook-empty-file-all-that', ['path' => $path, 'newest' => $this->newest(Say::it('notebook/verdict.emptied'))]),
            Condition::Foreign => Say::it('notebook/verdict.foreign.not-notebook-of-idle-mixer', ['path' => $path, 'detail' => $found->detail, 'newest' => $this->newest(Say::it('notebook/verdict.foreign'))]),
            Condition::Gone => Say::it('notebook/verdict.gone.notebook-gone-there-was-one', ['path' => $path, 'newest' => $this->newest(Say::it('notebook/verdict.gone'))]),
            Condition::Absent, Condition::Sound, Condition::Older, Condition::Patchy => throw new \LogicException(Say::it('notebook/verdict.absent', ['path' => $path])),
        });
    }

    private function readOut(): string
    {
        $path = $this->places->notebook;
        Files::folder($this->places->copies);
        $to = $this->places->copy('rescued', substr((string) hash_file('sha256', $path), 0, 8));
        try {
            $read = $this->salvage->out($path, $to);
        } catch (StoreFault $fault) {
            $why = $fault->trouble === StoreTrouble::Damaged ? $fault->also : Say::it('notebook/verdict.what-can-be-read-of', ['cause' => $fault->trouble->cause(), 'remedy' => $fault->trouble->remedy()]);

            return rtrim($why, '.') . $this->newest(Say::it('notebook/verdict.way-back-newest-copy'));
        }

        return Say::it('notebook/verdict.what-can-be-read-of.what-can-be-read-of', ['to' => $to, 'read' => $read->words($this->copies->newest()), 'newest' => $this->newest(Say::it('notebook/verdict.or-go-back-to-newest'))]);
    }

    /** @param string $way how a sentence goes on where there is a copy; it ends otherwise */
    private function newest(string $way): string
    {
        $newest = $this->copies->newest();

        return $newest === null ? '.' : Say::it('notebook/verdict.of-utc-start-restore', ['way' => $way, 'newest' => gmdate('j F Y, H:i', (int) filemtime($newest)), 'newest-2' => $newest]);
    }
}
