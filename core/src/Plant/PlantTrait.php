<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plant;

/** What about a plant decides how roughly it may be handled. */
enum PlantTrait: string
{
    case Seedling = 'seedling';
    case Hairy = 'hairy';
    case Tender = 'tender';
    /** A leaf that bears a jet. */
    case Sturdy = 'sturdy';
    case Bare = 'bare';
    case EmptyBed = 'empty-bed';
    case Planted = 'planted';
    case Dry = 'dry';

    /** @return list<self> */
    public static function of(PlantNow $plant): array
    {
        $onto = match (true) {
            $plant->isEmptyBed() => self::EmptyBed,
            $plant->isSoilOnly() => self::Planted,
            $plant->isBare() => self::Bare,
            $plant->stage === Stage::Seedling => self::Seedling,
            $plant->wiltsByAlcohol() => self::Hairy,
            $plant->isTender() => self::Tender,
            default => self::Sturdy,
        };

        return $plant->dryRoot ? [$onto, self::Dry] : [$onto];
    }
}
