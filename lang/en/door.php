<?php

declare(strict_types=1);

/** What the house says to people who come in, stay, sign and leave. */
return [
    'wrong' => 'That log-in and password do not belong together. Check both and try again.',
    'wait' => 'Too many tries. Wait :seconds seconds, then try again.',
    'too_slow' => 'That took too long. Log in again.',
    'locked' => 'The owner has locked this log-in.',
    'longest' => 'You were logged in for more than :hours hours. Log in again; nothing you keyed is lost.',
    'idle' => 'Nobody pressed a key for more than :hours hours. Log in again; nothing you keyed is lost.',
    'first' => [
        'password' => 'You came in with a one-time password. Choose one of your own first.',
        'factor' => 'The owner asks for a second factor in your role. Set it up first.',
    ],
    'code' => [
        'wrong' => 'That is not the code of now. Wait for the next one, or type a recovery code that you have not used.',
        'not_proved' => 'That is not the code that the program shows now. Check the clock of the phone, and type the next one.',
    ],
    'sign' => [
        'password' => 'That is not your password. Nothing was signed.',
        'code' => 'You logged in long ago: type the code of your second factor as well. Nothing was signed.',
        'ended' => 'Too many wrong signatures. Log in again.',
    ],
    'weak' => [
        'missing' => 'Type a password.',
        'short' => 'Take at least :shortest characters. A few words in a row are easy to keep in mind.',
        'long' => 'That is longer than can be kept: at most :longest plain letters.',
        'pattern' => 'That is a pattern, and patterns are tried first. Take a few words that do not belong together.',
        'common' => 'That is among the passwords that are tried first. Take another.',
        'known' => 'Leave out your name, your log-in and the shop’s name.',
    ],
    'tablets' => [
        'title' => 'Tablets',
        'heading' => 'Tablets and phones',
        'loopback' => 'North Ledger listens on this machine only. Run bin/install --listen with the address that this machine has in the '.
            'shop’s network, and tablets can reach it.',
        'given' => 'Tablets open :address. Its certificate was given to the shop, and they know whose it is.',
        'scan' => 'Scan this with the tablet’s camera, or open :address/authority.crt there.',
        'steps' => [
            'Take the file in as a certificate authority (settings, security, certificates; on some tablets trust has to be switched '.
                'on as well).',
            'Compare its fingerprint with the one below, character by character, before you trust it.',
            'Open :home, log in, and add it to the home screen: it opens without the network from then on.',
        ],
        'fingerprint' => 'Fingerprint, SHA-256',
        'until' => 'Good until :day. Whoever has the key of this authority can pretend to be any address to these tablets: it lies '.
            'beside the certificate on this machine, where root alone can read it. Keep it out of backups that leave the shop.',
    ],
    'foreign' => 'From other shops',
    'foreign_why' => 'Their names came with jobs that were read in. None of them can come in here, and none of them is one of ours.',
    'try_again' => 'Try again',
    'no_network' => 'No network',
    'no_network_why' => 'This page was not open here before. Pages that were are listed below: they open without the network, and what '.
        'you key there is kept in this browser and sent when the network is back.',
    'only_owner' => ':name is the only owner who can come in. Make somebody else an owner first.',
    'note' => [
        'changed' => ':name is changed.',
        'locked' => ':name is locked out on every device. The name stays on what was signed.',
        'unlocked' => ':name may come in again.',
        'ended' => ':name is logged out everywhere.',
        'factor_gone' => ':name has no second factor any more.',
        'rules' => 'Saved. It holds from the next page that anybody opens.',
        'password' => 'The password is changed. Everywhere else you are logged out.',
        'ended_there' => 'Logged out there.',
        'nothing_ended' => 'There was nothing to end any more.',
        'factor_off' => 'The password alone lets you in from now on.',
    ],
    'told' => [
        'from_max_hours' => 'From 1 to :max hours.',
        'type_password_you_have' => 'Type the password you have now.',
        'type_password_you_want' => 'Type the password you want.',
        'one_you_have_take' => 'That is the one you have. Take another.',
        'two_not_same_type' => 'The two are not the same. Type the new one twice.',
        'somebody_login_already_take' => 'Somebody has that log-in already. Take another.',
        'two_sixty_small_letters' => 'Two to sixty small letters, digits, dots, dashes or underscores, beginning with a letter or digit.',
        'say_name_stands_under' => 'Say the name as it stands under what is signed.',
        'choose_one_roles' => 'Choose one of the roles.',
        'type_your_password' => 'Type your password.',
    ],
    'device' => [
        'phone' => 'a phone',
        'tablet' => 'a tablet',
        'computer' => 'a computer',
        'unknown' => 'a device that does not say what it is',
    ],
    'whole_hours' => 'Whole hours.',
];
