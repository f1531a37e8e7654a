<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\UntriedAnswers;
use App\Http\Answer\WorkedAnswers;
use App\Http\Api\Call;
use App\Http\Paging;
use App\Models\WeighedSpray;
use App\Records\Fresh;
use App\Records\OwnResults;
use IdleMixer\Core\Wording\RecordWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Tells which sprays worked on what. */
final class WorkedController
{
    /** Sprays of a page. */
    private const ROWS = 40;

    /** What this household found of each spray against each pest, in a sentence, for the bench. */
    #[Call('What this household found of each spray against each pest', answer: '#Own')]
    public function own(OwnResults $own): JsonResponse
    {
        $told = [];
        foreach ($own->all() as $pest => $sprays) {
            foreach ($sprays as $slug => $result) {
                $told[] = ['pest' => $pest, 'slug' => $slug, 'words' => RecordWords::own($result->worked, $result->judged, $result->plant)];
            }
        }

        return new JsonResponse(['own' => $told]);
    }

    #[Call('What worked, by pest and spray as made, best first within each pest', answer: '#Worked', query: ['from' => ['type' => 'integer', 'minimum' => 0, 'maximum' => 1000000]])]
    public function __invoke(Request $request, Fresh $fresh, UntriedAnswers $untried, WorkedAnswers $worked): JsonResponse
    {
        $fresh->all();
        $page = Paging::of($request, self::ROWS);
        $sprays = WeighedSpray::query();
        $sprays->orderBy('pest')->orderBy('rank')->offset($page->from)->limit($page->rows + 1);
        $rows = $sprays->get()->all();
        $shown = array_slice(array_values($rows), 0, $page->rows);

        return new JsonResponse([
            'records' => array_map($worked->of(...), $shown),
            'untried' => $untried->of(array_values(array_unique(array_map(static fn(WeighedSpray $row): string => $row->pest, $shown)))),
            'waited' => $worked->waited(),
            'more' => count($rows) > $page->rows,
            'inShort' => $worked->inShort(),
        ]);
    }
}
