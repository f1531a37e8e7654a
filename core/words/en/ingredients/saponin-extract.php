<?php

declare(strict_types=1);

return [
    'name' => 'soap bark extract',
    'also' => 'soap nut, yucca',
    'words' => [
        'saponin',
        'saponin extract',
        'soap bark',
        'soap bark extract',
        'soapbark extract',
        'quillaja',
        'quillaja extract',
        'yucca extract',
        'soapbark',
        'soap bark liquid',
        'yucca',
        'soap nut',
        'soap nuts',
        'soapnut',
        'soapnuts',
        'soap nut extract',
        'soap nut liquid',
    ],
];
