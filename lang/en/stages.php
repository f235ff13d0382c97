<?php

declare(strict_types=1);

/** What people read of an order that is made. */
return [
    'told' => [
        'choose_size_order_follows' => 'Choose a size first: the order follows from it.',
        'order_would_made_today' => 'The order is as it would be made today; there is nothing to revise.',
    ],
];
