<?php

declare(strict_types=1);

namespace IdleMixer\Core\Method;

use IdleMixer\Core\Words\Say;

/** What hands do around a spray, before or after it; said in `words/en/chores.php`. Common practice, no source. */
enum Chore: string
{
    case Isolate = 'isolate';
    case Shower = 'shower';
    case Jet = 'jet';
    case Cut = 'cut';
    case Prune = 'prune';
    case Strip = 'strip';
    case WashOff = 'wash-off';
    case Wash = 'wash';
    case Pick = 'pick';
    case BreakWebs = 'break-webs';
    case BrushBark = 'brush-bark';
    case DryWood = 'dry-wood';
    case SpongeDust = 'sponge-dust';
    case DeadLeaves = 'dead-leaves';
    case Unpot = 'unpot';
    case TurnOut = 'turn-out';
    case NoSaucer = 'no-saucer';
    case EmptySaucer = 'empty-saucer';
    case PlantLater = 'plant-later';
    case ShadeTillDry = 'shade-till-dry';
    case OutOfSun = 'out-of-sun';
    case MovingAir = 'moving-air';
    case AirRoom = 'air-room';
    case FlushPot = 'flush-pot';
    case FreshSoil = 'fresh-soil';
    case CleanPot = 'clean-pot';
    case SwabDaily = 'swab-daily';

    public function words(): string
    {
        return Say::it("chores/{$this->value}");
    }
}
