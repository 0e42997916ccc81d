<?php

declare(strict_types=1);

// What stands on every page, the studio, accounts, and pages of errors.
return [
    'skip' => 'To the content', 'places' => 'Places', 'sign-out' => 'Sign out',
    'nav'  => [
        'today'  => 'Today', 'pieces' => 'Pieces', 'orders' => 'Orders', 'shelf' => 'Shelf', 'materials' => 'Materials',
        'studio' => 'Studio',
    ],
    'errors' => [
        'nothing' => 'Nothing was changed.', 'rest' => 'All else is kept; this is not:',
        'look'    => '{1} One thing needs another look:|[2,*] These need another look:',
    ],
    'pages'  => ['label' => 'Pages', 'newer' => 'Newer', 'older' => 'Older', 'page' => 'Page :page of :pages'],
    'studio' => [
        'title'    => 'Studio', 'about' => 'Name, clock and units', 'name' => 'Name', 'units' => 'Figures are shown in',
        'metric'   => 'millimetres, grams, °C', 'us' => 'inches, fluid ounces, °F (grams stay on the scale)',
        'zone'     => 'Time zone',
        'zone-now' => 'There it is :now. In another zone the same pours keep their moments, and your hours at the bench stay as they '
            . 'read.',
        'zone-unsaid' => 'Not set: times are as they are typed, and it is taken to be :now.',
        'any'         => 'Any unit can be typed anywhere: :examples.', 'save' => 'Save', 'members' => 'Members',
        'remove'      => 'Remove', 'remove-label' => 'Remove :email', 'leave' => 'Leave the studio',
        'withdraw'    => 'Withdraw', 'withdraw-label' => 'Withdraw the invitation to :email',
        'feed'        => [
            'head' => 'In your calendar', 'lead' => 'A private address at which your calendar reads what all pieces ask of you. '
                . 'Whoever has it can read it without signing in.',
            'make'  => 'Make an address', 'anew' => 'Make a new one', 'end' => 'End it',
            'copy'  => 'Give this to your calendar now; it is not shown again',
            'there' => 'There is one. It is not shown again; a new one ends it.',
        ],
        'signed-in' => 'Where you are signed in', 'here' => 'here', 'since' => ':device, signed in :since, last seen :seen',
        'desk'      => 'A computer', 'hand' => 'A phone or tablet',
        'end'       => 'Sign out', 'end-label' => 'Sign out :device, signed in :since',
        'defaults'  => 'New pieces begin with', 'defaults-note' => 'Pieces that are there stay as they are.', 'resin' => 'Resin',
        'usual'     => 'the first of the list', 'begin' => 'Begin with these',
        'password'  => 'Your password', 'current' => 'Password as it is now',
        'invited'   => ':email, invited until :day', 'invite' => 'Invite by mail', 'send' => 'Send an invitation',
    ],
    'account' => [
        'sign-in'      => 'Sign in', 'email' => 'Mail address', 'password' => 'Password', 'forgot' => 'I have forgotten my password',
        'opened'       => 'Accounts are opened by a member of the studio, who sends an invitation.',
        'forgotten'    => 'Forgotten password', 'new' => 'A new password', 'your-email' => 'Mail address of your account',
        'link'         => 'Send a link', 'back' => 'Back to sign in',
        'choose-title' => 'New password', 'choose' => 'Choose a password', 'set' => 'Set password',
        'rule'         => 'Password, 12 characters or more', 'again' => 'The same again',
        'invitation'   => 'Invitation', 'over' => 'This invitation is over',
        'over-why'     => 'It has been used, or its days have passed. Ask a member of the studio for a new one.',
        'join'         => 'Join “:studio”',
        'as'           => 'You will sign in as', 'join-press' => 'Join',
    ],
    'error' => [
        'to-pieces' => 'To the pieces',
        '400'       => ['head' => 'That cannot be read', 'text' => 'Something in it is no text. Nothing was changed.'],
        '403'       => ['head' => 'Not yours', 'text' => 'This is not open to your account.'],
        '404'       => ['head' => 'Not here', 'text' => 'There is nothing at this address, or it belongs to another studio.'],
        '405'       => ['head' => 'Not that way', 'text' => 'This address is not asked for like that. Nothing was changed.'],
        '413'       => ['head' => 'Too much at once', 'text' => 'That was more than this server takes at once. Nothing was changed.'],
        '419'       => [
            'head'  => 'The page waited too long',
            'text'  => 'Nothing was changed. Load it again: what you typed will be there, and you can send it.',
            'again' => 'Load it again',
        ],
        '429' => ['head' => 'Too often', 'text' => 'Wait a minute, then try again.'],
        '500' => [
            'head' => 'Something broke',
            'text' => 'Nothing was changed. Try again; if it happens twice, the log in storage/logs says where.',
        ],
        '507' => [
            'head' => 'No room left',
            'text' => 'The disk of this server is full. Nothing was changed. Whoever looks after the server must make room first.',
        ],
        'busy' => [
            'head' => 'Computing for others',
            'text' => 'As much heat is being computed as this server takes at once. This page asks again by itself.',
        ],
        '423' => ['head' => 'Others are writing', 'text' => 'Others kept the database busy for too long. Nothing was changed; try again.'],
        '503' => ['head' => 'Closed for a moment', 'text' => 'Pensilis is being looked after. Come back in a few minutes.'],
    ],
];
