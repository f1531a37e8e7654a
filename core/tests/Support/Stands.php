<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

use IdleMixer\Core\Gate\HadRound;
use IdleMixer\Core\Gate\PlantHad;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Plant\Stage;
use IdleMixer\Core\Plant\ToleranceCatalogue;

/** Short ways to a plant as it stands, of which nobody asks what was tested. */
final class Stands
{
    /** @param array<string, bool> $said */
    public static function as(string $leaf, array $said = [], bool|Site $indoors = false): Whom
    {
        $is = static fn(string $what): bool => $said[$what] ?? false;
        $class = ToleranceCatalogue::shipped()->get($leaf);
        $stage = match (true) {
            $is('inBloom') => Stage::InBloom,
            $is('seedling') => Stage::Seedling,
            $class->isBare() => $is('buds') ? Stage::Budding : Stage::Bare,
            default => null,
        };

        return new Whom(
            new PlantNow($class, null, $indoors instanceof Site ? $indoors : ($indoors ? Site::Indoors : Site::Outdoors), $stage, $is('dryAtRoot'), $is('wounded'), false, $is('eatenSoon'), $is('soapSensitive'), $is('bearsNoOil'), $is('eatenSoon') ? 2.0 : null),
            new PlantHad($is('oilLately') ? [HadRound::ofOil(3.0)] : [], $is('sulfurLately') ? 3.0 : null, $is('copperLately') ? 3.0 : null),
        );
    }
}
