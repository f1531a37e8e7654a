<?php

declare(strict_types=1);

namespace App\Notebook;

use DateTimeImmutable;
use IdleMixer\Core\Words\Say;

/** Puts a copy in the place of the notebook: looked at before and after, and what it replaces is kept. */
final readonly class Restoring
{
    public function __construct(private Places $places, private Inspector $inspector, private Copies $copies, private Copier $copier) {}

    /**
     * @return list<string> what is to be told, as sentences
     *
     * @throws Refused    when it is no copy that can be opened
     * @throws StoreFault when a file cannot be read or written
     */
    public function restore(string $copy, DateTimeImmutable $now): array
    {
        if (! is_file($copy)) {
            throw new Refused(Say::it('notebook/restoring.there-no-file-nothing-was', ['copy' => $copy]));
        }
        $half = "{$this->places->notebook}.half";
        $plain = "{$half}.copy";
        Files::remove($half);
        Files::remove($plain);
        try {
            // A copy may lie where nobody may write, and SQLite writes beside what it opens.
            Copier::plain($copy, $plain);
            $found = $this->inspector->look($plain);
            if (! $found->condition->opens()) {
                throw new Refused(Say::it('notebook/restoring.cannot-be-restored-nothing-was', ['copy' => $copy, 'why' => $this->why($found)]));
            }
            $this->copier->copy($plain, $half);
            $kept = $this->copies->setAside('before-restore', $now);
            Files::replace($this->places->notebook, $half);
            foreach (Files::BESIDE as $beside) {
                @unlink($this->places->notebook . $beside);
            }
        } finally {
            Files::remove($half);
            Files::remove($plain);
        }
        $after = $this->inspector->look($this->places->notebook);
        if (! $after->condition->opens()) {
            throw new Refused(Say::it('notebook/restoring.was-copied-and-what-arrived', ['copy' => $copy, 'why' => $this->why($after), 'value' => $kept === null ? '' : Say::it('notebook/restoring.what-was-there-before-in', ['kept' => $kept])]));
        }

        $this->places->laidOut(Layout::of(Sqlite::open($this->places->notebook)));

        return [
            ...($kept === null ? [] : [Say::it('notebook/restoring.what-was-in-notebook-before', ['kept' => $kept])]),
            Say::it('notebook/restoring.notebook-as-was-in', ['copy' => $copy]),
        ];
    }

    private function why(Finding $found): string
    {
        return match ($found->condition) {
            Condition::Newer => Say::it('notebook/restoring.newer', ['detail' => $found->detail]),
            Condition::Emptied => Say::it('notebook/restoring.emptied'),
            Condition::Damaged => Say::it('notebook/restoring.damaged', ['detail' => $found->detail]),
            default => Say::it('notebook/restoring.not-notebook-of-idle-mixer', ['detail' => $found->detail]),
        };
    }
}
