<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Json;
use App\Declared\Values\Moment;
use App\Declared\Values\Text;
use App\Declared\Values\Word;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Weather\WeatherReader;
use IdleMixer\Core\Words\Say;
use Psr\Clock\ClockInterface;

/** Hours that somebody told: at the door, or in a file. */
final class WeatherReports extends Record
{
    public function __construct(ClockInterface $clock, private readonly WeatherReader $reader)
    {
        parent::__construct($clock);
    }

    public function table(): string
    {
        return 'weather_reports';
    }

    public function list(): string
    {
        return 'weather';
    }

    /** @throws InvalidDocument when they are no hours */
    private function hours(Node $node): void
    {
        $this->reader->hours($node->object(['hours'])->get('hours'));
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(versions: false),
            Plain::needed('source', new Word(['door', 'file'], Say::it('records/weather-reports.source-of-weather'))),
            Plain::needed('name', Text::line(RecipeReader::MAX_NAME)),
            Plain::needed('hours', new Json($this->hours(...), ['type' => 'object'])),
            Plain::needed('told_at', Moment::past($this->clock)),
        ];
    }
}
