<?php

declare(strict_types=1);

return [
    'csv-cases.kind-of-leaf' => 'kind of leaf',
    'csv-cells.each-has-counts-at-most' => 'each has {found} counts; at most {most-spots} are kept of one look.',
    'csv-cells.value-missing-how-many-were' => 'value is missing: how many were counted? 0 where there were none.',
    'csv-cells.state-of-new-growth' => 'state of new growth',
    'csv-cells.batch-id-missing-which-batch' => 'batch_id is missing: which batch was sprayed? It must be in the notebook already.',
    'csv-cells.day-or-time-from-1900' => '{column} is {found}; a day or a time from 1900 to today is needed, like 2026-05-03 or 2026-05-03T19:30:00Z.',
    'csv-cells.no-pest-that-counted-here' => '{found} is no pest that is counted here.',
    'csv-cells.that-or-write-so' => '{column} is {found}: is that {text}, or {text-2}? Write it so.',
    'csv-cells.number-from-0-to-needed' => '{column} is {found}; a number from 0 to {most} is needed.',
    'csv-cells.yes-or-no-needed' => '{column} is {found}; yes or no is needed.',
    'csv-cells.helpers-are' => 'helpers is {found}; names with counts are needed, like ladybirds:3 mummies, or no; known are {known}.',
    'csv-cells.stages-names-with-counts-are' => 'stages is {found}; names with counts are needed, like adults:3 crawlers:12.',
    'csv-report.another-table' => '{bad} of the first {rows} rows cannot be read, so nothing of the table was taken in: is it the right one? The first of them: {reason}',
    'csv-reader.there-no-column-there-are' => 'There is no column {found}; there are {all}.',
    'csv-reader.column-missing-in-first-line' => 'The column {needed} is missing in the first line. Needed are {needed-2}, and value or each.',
    'csv-reader.column-stands-twice-in-first' => 'A column stands twice in the first line.',
    'csv-reader.has-cells-but-first-line' => 'It has {cells} cells, but the first line names {head} columns: is there a comma too many?',
    'csv-reader.not-utf-8-save-file' => '{head} is not UTF-8: save the file in that encoding.',
    'csv-rows.what-can-be-or' => 'what is {found}; it can be {look} or {sprayed}.',
    'csv-rows.its-batch-not-in-this' => 'Its batch is not in this notebook: batches travel in the JSON document, read that first.',
    'csv-rows.its-case-holds-looks-already' => 'Its case holds {most-looks} looks already; more are not kept in one.',
    'entry.no-identity-uuid-in-small' => '{found} is no identity; a UUID in small letters is needed.',
    'log-reader.this-no-log-its-format' => 'This is no log: its format and version are to come first.',
    'log-reader.nothing-known-of-in-log' => 'Nothing is known of {found} in a log; {lists} are.',
    'log-reader.this-no-log-to-stand' => 'This is no log: {format} is to stand in its format.',
    'older-batches.plant-neither-in-this-notebook' => 'The plant {found} is neither in this notebook nor earlier in this document.',
    'sound-batches.document-of-this-batch-bears' => 'The document of this batch bears another identity than its entry.',
    'sound-batches.tally-of-this-batch-not' => 'The tally of this batch is not that of its document.',
];
