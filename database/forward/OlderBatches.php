<?php

declare(strict_types=1);

namespace Database\Forward;

use IdleMixer\Core\Batch\BatchReader;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Emulsion\Contents;
use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Load;
use Illuminate\Database\Connection;
use stdClass;

/** Writes the document of every batch of a notebook that kept the plan, the request and the tally apart. */
final readonly class OlderBatches
{
    public function bringForward(Connection $notebook): void
    {
        $forward = new OlderBatch();
        foreach ($notebook->table('batches')->orderBy('id')->get() as $batch) {
            $id = self::number($batch, 'id');
            $version = $notebook->table('recipe_versions')->where('id', self::number($batch, 'recipe_version_id'))->first();
            $scoops = $notebook->table('batch_scoops')->join('batch_items', 'batch_items.id', '=', 'batch_scoops.batch_item_id')
                ->where('batch_items.batch_id', $id)
                ->get(['batch_items.load as load', 'batch_items.position as position', 'batch_scoops.position as scoop', 'batch_scoops.words as words']);
            $document = $forward->document($batch, Older::text($version->document ?? null), array_values($scoops->all()));
            $record = self::read($document);
            $document['emulsion'] = [...Older::list($document['emulsion']), 'usual_droplet_um' => self::droplet($record)];
            $made = $forward->made(Older::text($batch->actual ?? null), $document);
            $notebook->table('batches')->where('id', $id)->update([
                'name' => $record->name,
                'document' => self::json($document),
                'rescues' => self::json((object) $forward->rescues(Older::text($batch->slips ?? null), $record)),
                'made' => $made === null ? null : self::json($made),
            ]);
            foreach ($notebook->table('batch_items')->where('batch_id', $id)->get() as $item) {
                $keys = array_keys($record->load(self::number($item, 'load'))->items);
                $notebook->table('batch_items')->where('id', self::number($item, 'id'))->update(['key' => $keys[self::number($item, 'position')]]);
            }
        }
    }

    /** @param array<string, mixed> $document */
    private static function read(array $document): BatchRecord
    {
        return BatchReader::shipped()->read(JsonText::parse(self::json($document)));
    }

    /** µm that was forecast for a hand like others; null without oil. */
    private static function droplet(BatchRecord $record): ?float
    {
        $ingredients = IngredientCatalogue::shipped();
        $whole = AsMade::together(array_map(static fn(Load $load): Mixture => $load->mixture, $record->loads));
        // What holds oil, and how well, was not written down: it is that of today.
        $whole = new Mixture($whole->water, array_map(static fn(Part $part): Part => new Part($ingredients->get($part->ingredient->slug), $part->millilitres, $part->strength, $part->pour), $whole->parts), $whole->pours);

        return Strengths::of($whole)->oily() > 0.0
            ? Emulsifier::shipped()->droplets(Contents::of($whole), $record->water->hardness, $record->order, $record->water->temperature?->celsius())->median
            : null;
    }

    private static function number(stdClass $row, string $column): int
    {
        $value = $row->{$column} ?? 0;

        return is_numeric($value) ? (int) $value : 0;
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR);
    }
}
