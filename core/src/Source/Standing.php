<?php

declare(strict_types=1);

namespace IdleMixer\Core\Source;

use IdleMixer\Core\Words\Say;

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
            self::CommonPractice => Say::it('source/standing.common-practice'),
            self::Ours => Say::it('source/standing.ours'),
        };
    }
}
