<?php

declare(strict_types=1);

return [
    'compose-command.bottle' => 'A bottle',
    'compose-command.expected-bottle' => 'Say what the bottle holds, like “1 L” or “750 mL”; found {found}.',
    'open-command.other-days' => 'This version sprays {many} open cases after other days than the one before; Today says which.',
    'open-command.judged-anew' => 'This version judges {many} earlier rounds otherwise than the one before; Today tells which.',
    'backup-command.no-folder' => 'There is no folder {folder}. Make it first, or name another; nothing was copied.',
    'backup-command.no-right' => 'Nobody may write into {folder} as this user. Name another folder, or give the right to write; nothing was copied.',
    'backup-command.there-no-notebook-at-to' => 'There is no notebook at {notebook} to copy.',
    'backup-command.there-already-and-not-overwritten' => '{file} is there already, and is not overwritten: name another file.',
    'backup-command.no-copy-was-made' => 'No copy was made. {get-message}',
    'backup-command.notebook-copied-to' => 'The notebook is copied to {file}',
    'close-command.notebook-not-file-that-was' => 'The notebook {notebook} is not the file that was served; nothing was folded into it.',
    'close-command.last-writes-are-still-in' => 'The last writes are still in {notebook}-wal: keep it beside the notebook. {value}',
    'compose-command.this-more-than-recipe-at' => 'This is more than a recipe: at most 1 MB of text is read.',
    'compose-command.expected-one-of-found' => 'Expected one of {allowed}, found {found}.',
    'document-command.file-cannot-be-read-give' => 'The file {found} cannot be read. Give the path of a document, or - for standard input.',
    'leaf-command.file-cannot-be-read-give' => 'The file cannot be read. Give the path of a JPEG, PNG or WebP picture.',
    'open-command.notebook-could-not-be-opened' => 'The notebook {notebook} could not be opened. {get-message}',
    'passphrase-command.passphrase-must-have-at-least' => 'The passphrase must have at least {shortest} characters; nothing was changed.',
    'passphrase-command.passphrase-set-other-machines-need' => 'The passphrase is set. Other machines need it from now on.',
    'plan-command.in' => '{make} in {loads}: {strength}',
    'restore-command.nothing-was-restored' => 'Nothing was restored. {get-message}',
];
