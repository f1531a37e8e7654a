<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\PestCase;
use App\Models\Plant;
use DateTimeImmutable;
use IdleMixer\Core\Data\TroubleLines;
use IdleMixer\Core\Plant\KindCatalogue;
use IdleMixer\Core\Trouble\Here;
use IdleMixer\Core\Trouble\YearTime;

/** What is known of a plant of the notebook, and of this household, before anybody looks for signs. */
final readonly class Heres
{
    public function __construct(private KindCatalogue $kinds, private GardenBook $garden) {}

    /** @param Plant|null $plant null where nobody said which one is looked at */
    public function of(?Plant $plant, DateTimeImmutable $now): Here
    {
        $place = $this->garden->place();

        return new Here(
            $plant === null ? null : $this->kinds->read($plant->kind)?->slug,
            $plant?->indoors,
            $place === null ? null : YearTime::of($now->setTimezone($place->zone), $place->isSouthern()),
            self::had($now),
        );
    }

    /** @return array<string, int> cases of the last time, those of courses among them, by trouble */
    private static function had(DateTimeImmutable $now): array
    {
        $since = $now->modify('-' . TroubleLines::HAD_WITHIN['value'] . ' days')->format('Y-m-d H:i:s');

        return array_count_values(PestCase::any(PestCase::query())->where('opened_at', '>=', $since)->get(['id', 'pest'])->map(static fn(PestCase $case): string => $case->pest)->all());
    }
}
