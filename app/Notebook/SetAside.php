<?php

declare(strict_types=1);

namespace App\Notebook;

use DateTimeImmutable;
use IdleMixer\Core\Words\Say;

/** Takes records that cannot be read out of a notebook that is sound otherwise, so that all else is served. */
final readonly class SetAside
{
    public function __construct(private Places $places, private Inspector $inspector, private Copies $copies, private Copier $copier) {}

    /**
     * In a copy that is put in place when it is sound; as it was, the notebook is kept.
     *
     * @return list<string> what is to be told
     *
     * @throws Refused when it is not sound even so
     */
    public function unreadable(DateTimeImmutable $now): array
    {
        $copy = $this->copies->make('before-set-aside', $now);
        $half = "{$this->places->notebook}.half";
        try {
            $this->copier->copy($this->places->notebook, $half);
            $names = self::take($half);
            $found = $this->inspector->look($half);
            if (! $found->condition->opens() || $found->condition === Condition::Patchy) {
                throw new Refused(Say::it('notebook/set-aside.not-possible', ['notebook' => $this->places->notebook, 'detail' => $found->detail, 'copy' => $copy]));
            }
            Sqlite::fold($this->places->notebook);
            Files::replace($this->places->notebook, $half);
        } finally {
            Files::remove($half);
        }

        $told = implode(', ', array_map(static fn(string $name): string => "“{$name}”", $names));

        return [count($names) === 1 ? Say::it('notebook/set-aside.one', ['names' => $told, 'copy' => $copy]) : Say::it('notebook/set-aside.many', ['many' => count($names), 'names' => $told, 'copy' => $copy])];
    }

    /** @return list<string> what is set aside, by name */
    private static function take(string $path): array
    {
        $pdo = Sqlite::open($path);
        $pdo->exec('pragma foreign_keys = off');
        $leftOver = new LeftOver($pdo);
        $before = Sqlite::number($pdo, 'select coalesce(max(id), 0) from left_over');
        $pdo->beginTransaction();
        $leftOver->unreadable();
        (new StandIns($pdo))->put();
        $leftOver->orphans();
        $pdo->exec('insert or ignore into stale_cases (case_id) select id from cases');
        $pdo->exec('delete from course_dues');
        $pdo->commit();
        $names = $leftOver->since($before);
        unset($leftOver, $pdo);
        Sqlite::fold($path);

        return $names;
    }
}
