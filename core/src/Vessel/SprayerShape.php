<?php

declare(strict_types=1);

namespace IdleMixer\Core\Vessel;

use IdleMixer\Core\Data\VesselLines;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Words\Say;

/** What a sprayer looks like, for its drawing. */
enum SprayerShape: string
{
    case TriggerBottle = 'trigger-bottle';
    case PumpCan = 'pump-can';
    case Knapsack = 'knapsack';
    case HoseEnd = 'hose-end';
    case WateringCan = 'watering-can';
    /** Mixed in, and the sprayer filled from it. */
    case Bucket = 'bucket';
    case SwabJar = 'jar';

    /** Whether the sprayer is filled from it, and it is stirred and never closed. */
    public function isBucket(): bool
    {
        return $this === self::Bucket;
    }

    /** What so large a sprayer mostly is, until somebody says it: common practice, no source. */
    public static function likely(Volume $holds): self
    {
        return match (true) {
            $holds->millilitres() < VesselLines::JAR_UP_TO['value'] => self::SwabJar,
            $holds->millilitres() < VesselLines::BOTTLE_UP_TO['value'] => self::TriggerBottle,
            $holds->millilitres() < VesselLines::CAN_UP_TO['value'] => self::PumpCan,
            default => self::Knapsack,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::TriggerBottle => Say::it('vessel/sprayer-shape.trigger-bottle'),
            self::PumpCan => Say::it('vessel/sprayer-shape.pump-can'),
            self::Knapsack => 'knapsack',
            self::HoseEnd => Say::it('vessel/sprayer-shape.hose-end'),
            self::WateringCan => Say::it('vessel/sprayer-shape.watering-can'),
            self::Bucket => Say::it('vessel/sprayer-shape.bucket'),
            self::SwabJar => Say::it('vessel/sprayer-shape.swab-jar'),
        };
    }
}
