<?php

declare(strict_types=1);

// Of everything that is sent, files of public/ too: what a page may load and who may show it.
return [
    'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; connect-src 'self'; "
        . "img-src 'self' data:; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
    'X-Content-Type-Options'       => 'nosniff',
    'Referrer-Policy'              => 'same-origin',
    'Cross-Origin-Opener-Policy'   => 'same-origin',
    'Cross-Origin-Resource-Policy' => 'same-origin',
];
