<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Json;
use App\Declared\Values\Moment;
use App\Declared\Values\Word;
use App\Declared\Within;
use IdleMixer\Core\Choice\Enemies;
use IdleMixer\Core\Choice\EnemiesReader;
use IdleMixer\Core\Choice\WhyWhether;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
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

    /** @throws InvalidDocument when they are no natural enemies that are known */
    private function seen(Node $node): void
    {
        EnemiesReader::read($node, $this->enemies);
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            new Within('case_id', 'cases'),
            Plain::needed('begun_at', Moment::past($this->clock)),
            Plain::needed('look_at', Moment::any()),
            Plain::needed('because', Word::of(WhyWhether::class, Say::it('records/waits.why-nobody-sprays'))),
            Plain::maybe('seen', new Json($this->seen(...), ['type' => 'object', 'additionalProperties' => ['type' => ['integer', 'null']]])),
        ];
    }
}
