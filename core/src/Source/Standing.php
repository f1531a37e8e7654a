<?php

declare(strict_types=1);

namespace IdleMixer\Core\Source;

/** How much weight a number carries: shown with every verdict. */
enum Standing: string
{
    case Published = 'published';
    case CommonPractice = 'common-practice';
    case Ours = 'ours';

    public function words(): string
    {
        return match ($this) {
            self::Published => 'published',
            self::CommonPractice => 'common practice, no source',
            self::Ours => 'our own limit',
        };
    }
}
