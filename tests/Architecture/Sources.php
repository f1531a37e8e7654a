<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The files of core, and the order of its modules. */
final class Sources
{
    /** What leans on what: a module names only itself and those before it. */
    public const MODULES = ['Habit', 'Words', 'Catalogue', 'Data', 'Document', 'Source', 'Bought', 'Quantity', 'Ingredient', 'Method', 'Recipe', 'Phrase', 'Cupboard', 'Trouble', 'Mix', 'Measure', 'Vessel', 'Work', 'Emulsion', 'Plant', 'Weather', 'Schedule', 'Evidence', 'Population', 'Trainer', 'Safety', 'Photo', 'Leaf', 'Gate', 'Bench', 'Plan', 'Choice', 'Shelf', 'Course', 'Row', 'WayOut', 'Run', 'Wording', 'Writing', 'Batch', 'Ask'];

    /** @return list<string> */
    public static function core(): array
    {
        return self::in('core/src');
    }

    /** @return list<string> */
    public static function app(): array
    {
        return self::in('app');
    }

    /** @return list<string> */
    private static function in(string $folder): array
    {
        $all = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2) . "/{$folder}", FilesystemIterator::SKIP_DOTS)) as $file) {
            assert($file instanceof SplFileInfo);
            if ($file->getExtension() === 'php') {
                $all[] = $file->getPathname();
            }
        }
        sort($all);

        return $all;
    }

    /** @return list<string> */
    public static function data(): array
    {
        $data = dirname(__DIR__, 2) . '/core/data';

        return array_map(strval(...), array_merge((array) glob("{$data}/*.php"), (array) glob("{$data}/*/*.php")));
    }
}
