<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Words\Say;

/** How injury looks; the kinds of EPPO PP 1/135 as gardeners name them (from memory). */
enum InjuryKind: string
{
    case EdgeBurn = 'edge-burn';
    case Spots = 'spots';
    case Bleaching = 'bleaching';
    case WaterSoaked = 'water-soaked';
    case GreasyShine = 'greasy-shine';
    case Wilt = 'wilt';
    case Yellowing = 'yellowing';
    case Curl = 'curl';
    case Drop = 'drop';

    /** Whether it is no small mark however little of the leaf it takes: a leaf that hangs, is soaked through or falls is on its way out (common practice, no source). */
    public function isGrave(): bool
    {
        return match ($this) {
            self::WaterSoaked, self::Wilt, self::Drop => true,
            self::EdgeBurn, self::Spots, self::Bleaching, self::GreasyShine, self::Yellowing, self::Curl => false,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::EdgeBurn => Say::it('leaf/injury-kind.edge-burn'),
            self::Spots => 'spots',
            self::Bleaching => 'bleached',
            self::WaterSoaked => 'water-soaked',
            self::GreasyShine => Say::it('leaf/injury-kind.greasy-shine'),
            self::Wilt => 'wilted',
            self::Yellowing => 'yellowed',
            self::Curl => 'curled',
            self::Drop => 'dropped',
        };
    }
}
