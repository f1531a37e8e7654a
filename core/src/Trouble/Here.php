<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

use IdleMixer\Core\Data\TroubleLines;

/** What is known of a plant before anybody looks at it: its kind, where it stands, the time of the year, and what was here before. */
final readonly class Here
{
    /**
     * @param string|null        $kind    slug of a kind of plants; null where nothing is known of it
     * @param bool|null          $indoors null where nobody said
     * @param YearTime|null      $time    null where nobody knows on which half of the earth it stands
     * @param array<string, int> $had     cases in this household lately, by trouble
     */
    public function __construct(private ?string $kind, private ?bool $indoors, private ?YearTime $time, private array $had) {}

    /** @return list<MovedBy> what makes it likelier here, or less likely */
    public function moves(Trouble $trouble): array
    {
        $where = $trouble->where;
        $times = $this->time === null || $this->indoors === null ? [] : ($this->indoors ? $where->inside : $where->outside);

        return array_values(array_filter([
            match (true) {
                $this->kind === null => null,
                in_array($this->kind, $where->kinds, true) => MovedBy::OftenOnKind,
                default => $where->only ? MovedBy::HardlyOnKind : null,
            },
            match ($this->indoors) {
                null => null,
                true => self::either($where->indoors, MovedBy::OftenIndoors, MovedBy::SeldomIndoors),
                false => self::either($where->outdoors, MovedBy::OftenOutdoors, MovedBy::SeldomOutdoors),
            },
            self::either($times[$this->time->value ?? ''] ?? null, MovedBy::OftenNow, MovedBy::SeldomNow),
            ($this->had[$trouble->slug] ?? 0) > 0 ? MovedBy::HadHere : null,
        ]));
    }

    /** How many times as likely it is here as anywhere. */
    public function times(Trouble $trouble): float
    {
        $times = 1.0;
        foreach ($this->moves($trouble) as $move) {
            $times *= match ($move) {
                MovedBy::OftenOnKind, MovedBy::OftenIndoors, MovedBy::OftenOutdoors, MovedBy::OftenNow => TroubleLines::OFTEN_HERE['value'],
                MovedBy::SeldomIndoors, MovedBy::SeldomOutdoors, MovedBy::SeldomNow => 1.0 / TroubleLines::OFTEN_HERE['value'],
                MovedBy::HardlyOnKind => TroubleLines::HARDLY_HERE['value'],
                MovedBy::HadHere => 1.0 + TroubleLines::HAD_HERE['value'] * min($this->had[$trouble->slug] ?? 0, TroubleLines::HAD_UP_TO['value']),
            };
        }

        return $times;
    }

    private static function either(?bool $often, MovedBy $yes, MovedBy $no): ?MovedBy
    {
        return $often === null ? null : ($often ? $yes : $no);
    }
}
