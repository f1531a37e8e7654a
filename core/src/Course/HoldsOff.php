<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Method\Onto;
use IdleMixer\Core\Plant\Site;

/** Which sprays a plant's state keeps off it until that is over: the one home of it for cases and courses. Common practice, no source. */
final class HoldsOff
{
    /** Open flowers are visited by bees where they stand outdoors; what lands on wood, soil or single insects does not reach them. */
    public static function bloom(Site $site, Onto $surface): bool
    {
        return $site === Site::Outdoors && $surface === Onto::Leaf;
    }

    /** Leaves that want water burn under any spray; a swab wets none. */
    public static function thirst(Onto $surface): bool
    {
        return $surface !== Onto::SingleInsects;
    }
}
