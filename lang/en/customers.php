<?php

declare(strict_types=1);

/** What people read of customers. */
return [
    'told' => [
        'choose_entry_same_customer' => 'Choose the entry that is the same customer.',
        'customer_name' => 'A customer has a name.',
        'customer_name_already_merge' => 'There is a customer of that name already. Merge the two below if they are one.',
        'write_address_like_office' => 'Write an address like office@example.net.',
        'choose_how_they_want' => 'Choose how they want to be asked.',
    ],
    'merged' => 'They are one customer now; :jobs jobs came along.',
];
