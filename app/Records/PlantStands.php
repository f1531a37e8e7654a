<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Plant;
use DateTimeImmutable;
use IdleMixer\Core\Plant\Stage;
use IdleMixer\Core\Weather\Exposure;
use IdleMixer\Core\Weather\GrowLights;
use IdleMixer\Core\Weather\Stand;

/** Where a plant of the notebook stands, as the weather is concerned. */
final class PlantStands
{
    public static function of(Plant $plant, DateTimeImmutable $now): Stand
    {
        return new Stand(
            Exposure::from($plant->exposure),
            $plant->indoors,
            $plant->lights_on === null || $plant->lights_off === null ? null : new GrowLights($plant->lights_on, $plant->lights_off),
            Whoms::stage($plant, $now) === Stage::InBloom,
        );
    }
}
