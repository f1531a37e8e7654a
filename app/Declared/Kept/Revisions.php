<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Json;
use App\Declared\Values\Moment;
use App\Declared\Values\Word;
use App\Declared\Within;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** What a record was before it was changed. */
final class Revisions extends Record
{
    public function table(): string
    {
        return 'revisions';
    }

    public function identity(): array
    {
        return ['record', 'record_id', 'at', 'what'];
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            new Within('record', ''),
            new Within('record_id', ''),
            Plain::needed('what', new Word(['corrected', 'taken-back', 'put-back', 'reopened'], Say::it('records/revisions.kind-of-change'))),
            Plain::needed('at', Moment::past($this->clock)),
            Plain::needed('before', new Json(self::columns(...), ['type' => 'object'])),
            $this->writer(),
        ];
    }

    /** @throws InvalidDocument when they are no columns */
    private static function columns(Node $node): void
    {
        $node->raw();
    }
}
