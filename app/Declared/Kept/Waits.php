<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Values\NaturalEnemies;
use App\Declared\Values\Word;
use App\Declared\Within;
use IdleMixer\Core\Choice\WhyWhether;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Words\Say;
use Psr\Clock\ClockInterface;

/** A time for which nobody sprays, until somebody looks again. */
final class Waits extends Record
{
    public function __construct(ClockInterface $clock, private readonly Enemies $enemies)
    {
        parent::__construct($clock);
    }

    public function table(): string
    {
        return 'waits';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            new Within('case_id', 'cases'),
            Plain::needed('begun_at', Moment::past($this->clock)),
            Plain::needed('look_at', Moment::any()),
            Plain::needed('because', Word::of(WhyWhether::class, Say::it('records/waits.why-nobody-sprays'))),
            Plain::maybe('seen', new NaturalEnemies($this->enemies)),
        ];
    }
}
