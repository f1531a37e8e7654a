<?php

declare(strict_types=1);

namespace App\Notebook;

use DateTimeImmutable;
use IdleMixer\Core\Words\Say;
use PDOException;

/** Opens the notebook before it is served: looks whether it is sound, brings it forward, folds its log in, makes today's copy. */
final readonly class Opening
{
    public function __construct(
        private Places $places,
        private Inspector $inspector,
        private Edition $edition,
        private Copies $copies,
        private Copier $copier,
        private Forward $forward,
        private Verdict $verdict,
        private StrayLog $stray,
        private SetAside $setAside,
    ) {}

    /**
     * @param bool $fresh begin anew; what is there is kept as a copy
     * @param bool $demo  write the demo into a new one
     *
     * @return list<string> what is to be told, as sentences
     *
     * @throws Refused    when it cannot be opened as it is
     * @throws StoreFault when a file cannot be read or written
     */
    public function open(DateTimeImmutable $now, bool $fresh, bool $demo): array
    {
        $said = $this->stray->setAside($now);
        $notebook = $this->notebook();
        $found = $this->inspector->look($this->places->notebook);
        if ($fresh || ($found->condition === Condition::Absent && $this->places->opened() === null)) {
            array_push($said, ...$this->create($demo, $now));
            $notebook = '';
            $found = new Finding(Condition::Sound);
        }
        if ($found->condition === Condition::Patchy) {
            array_push($said, ...$this->setAside->unreadable($now));
            $found = $this->inspector->look($this->places->notebook);
        }
        if (! $found->condition->opens()) {
            throw $this->verdict->of($found->condition === Condition::Absent ? new Finding(Condition::Gone) : $found);
        }
        if ($found->condition === Condition::Older) {
            $said[] = $this->bringForward($now);
        }
        Sqlite::fold($this->places->notebook);
        $this->mark($notebook === '' ? bin2hex(random_bytes(16)) : $notebook);

        return [...$said, ...$this->daily($now)];
    }

    /**
     * In a file of its own that is put in place when it is whole: a start that fails leaves nothing behind, and what was there
     * stays where it is.
     *
     * @return list<string> what is to be told
     */
    private function create(bool $demo, DateTimeImmutable $now): array
    {
        $half = "{$this->places->notebook}.half";
        Files::remove($half);
        try {
            $this->forward->bring($half);
            if ($demo) {
                $this->forward->demo($half);
            }
            $kept = $this->copies->setAside('before-fresh', $now);
            $this->put($half);
        } finally {
            Files::remove($half);
        }

        return $kept === null ? [] : [Say::it('notebook/opening.what-was-in-notebook-kept', ['kept' => $kept])];
    }

    private function bringForward(DateTimeImmutable $now): string
    {
        $copy = $this->copies->make('before-version-' . $this->edition->version(), $now);
        $half = "{$this->places->notebook}.half";
        try {
            $this->copier->copy($this->places->notebook, $half);
            $this->forward->bring($half);
            $found = $this->inspector->look($half);
            if ($found->condition !== Condition::Sound) {
                throw new Refused(Say::it('notebook/opening.notebook-could-not-be-brought', ['notebook' => $this->places->notebook, 'version' => $this->edition->version(), 'detail' => $found->detail, 'copy' => $copy]));
            }
            $this->put($half);
        } finally {
            Files::remove($half);
        }

        return Say::it('notebook/opening.notebook-was-of-earlier-version', ['copy' => $copy]);
    }

    /** The log of the file that stood there is of no use to the new one. */
    private function put(string $half): void
    {
        if (is_file($this->places->notebook)) {
            Sqlite::fold($this->places->notebook);
        }
        Files::replace($this->places->notebook, $half);
    }

    /**
     * Which notebook stands there: the one that was opened here last, and nothing but that has written to it since. A copy that
     * was put in its place, by a restore or by hand, bears another mark inside, and is another notebook: its row numbers go on from
     * an earlier time.
     *
     * @return string empty where it is another one, or nothing is known
     */
    private function notebook(): string
    {
        $opened = $this->places->opened();
        try {
            return $opened !== null && $opened->mark === Edition::marked($this->places->notebook) ? $opened->notebook : '';
        } catch (PDOException) {
            return '';
        }
    }

    /** A mark for this time, in the file itself and beside it, so that a log that is left behind can be told from a stray one. */
    private function mark(string $notebook): void
    {
        $pdo = Sqlite::open($this->places->notebook);
        $mark = $this->edition->stamp($pdo);
        $this->places->laidOut(Layout::of($pdo));
        unset($pdo);
        Sqlite::fold($this->places->notebook);
        $this->places->remember(new Opened($mark, Places::fileAt($this->places->notebook), $notebook));
    }

    /** @return list<string> */
    private function daily(DateTimeImmutable $now): array
    {
        try {
            $this->copies->daily($now);
        } catch (StoreFault $fault) {
            return [Say::it('notebook/opening.todays-copy-of-notebook-could', ['get-message' => $fault->getMessage()])];
        }

        return [];
    }
}
