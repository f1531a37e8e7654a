<?php

declare(strict_types=1);

return [
    'doubts.light-glares-on-leaf-what' => 'Light glares on the leaf: what lies under it was left out.',
    'doubts.soft-shadow-falls-across-may' => 'A soft shadow falls across: it may look like wet tissue, or hide it.',
    'doubts.light-on-paper-uneven' => 'The light on the paper is uneven.',
    'doubts.paper-coloured-white-paper-shows' => 'The paper is coloured: white paper shows the colours truly.',
    'doubts.part-of-leaf-cut-off' => 'A part of the leaf is cut off.',
    'doubts.hurt-and-healthy-run-into' => 'Hurt and healthy run into each other.',
    'leaf-finder.no-leaf' => 'There is no leaf on the paper, or it is too small. Lay one leaf on the sheet so that it fills a third of the picture.',
    'leaf-finder.nothing-healthy' => 'Nothing here is green or purple: a leaf that is dead all over, or no leaf, has nothing to compare with. Say by eye how much is hurt.',
    'leaf-finder.nothing-healthy.nothing-of-this-leaf-green' => 'Nothing of this leaf is green or purple any more: there is nothing to compare with. Say by eye how much is hurt.',
    'leaf-finder.two-leaves' => 'There is more than one leaf on the paper. Take a picture of each by itself.',
    'leaf-finder.no-paper' => 'The leaf fills the whole picture. Step back until there is paper all around it.',
    'paper.dark' => 'The picture is too dark, or the leaf does not lie on paper. Lay it on plain paper in daylight, without flash.',
    'paper.no-paper' => 'Around the leaf there is no plain paper. Lay one leaf on a sheet, the sheet filling the picture to its edges.',
    'paper.no-paper.border-of-picture-no-plain' => 'The border of the picture is no plain paper. Lay one leaf on a sheet, the sheet filling the picture to its edges.',
    'picture-file.unreadable' => 'The picture could not be written small.',
    'picture-file.unreadable.picture-damaged-and-cannot-be' => 'The picture is damaged and cannot be read. Take it again, or send it as JPEG.',
    'picture-file.empty' => 'The file is empty. Choose a photograph: JPEG, PNG or WebP.',
    'picture-file.too-large' => 'The file is larger than {most-bytes} MB. Send a photograph of at most 12 megapixels.',
    'picture-file.form' => 'This is a HEIC or AVIF picture. Send it as JPEG, PNG or WebP: most cameras can be set to “most compatible”.',
    'picture-file.form.this-no-photograph-that-can' => 'This is no photograph that can be read. Send a JPEG, PNG or WebP picture.',
    'picture-file.too-large.picture-has-by-points-at' => 'The picture has {size} by {size-2} points; at most 12 megapixels are read. Make it smaller.',
    'picture-file.too-small' => 'The picture has {size} by {size-2} points; each side needs {least-side} at least.',
    'picture-file.colours' => 'The picture is in printing colours (CMYK). Send one as the camera takes it, in RGB.',
    'picture-file.moving' => 'The picture moves. Send a single one.',
    'picture-file.cut-off' => 'The file is cut off: its end is missing. Send it again.',
    'two-leaves.touching' => 'Two leaves touch here, or lie over each other. Take a picture of each by itself.',
];
