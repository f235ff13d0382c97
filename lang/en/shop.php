<?php

declare(strict_types=1);

/** What people read where the shop is run. */
return [
    'told' => [
        'supplier_error' => 'The supplier answers with an error (:status).',
        'supplier_too_many' => 'The supplier’s answer has :count prices, more than can be looked through.',
        'supplier_unreadable' => 'Price :number of the supplier’s answer cannot be read.',
        'saved_new_revision_shops' => 'Saved as a new revision of the shop’s rules. Offers that were sent keep their prices; plans are '.
            'priced anew.',
        'nothing_different_no_revision' => 'Nothing is different; no revision was made.',
        'no_price_each_line' => 'There is no price in it. Each line names an item, and what it costs.',
        'write_amount_like' => 'Write an amount like 45 or 45.50.',
        'choose_family_fits' => 'Choose the family it fits.',
        'choose_part' => 'Choose the part.',
        'supplier_does_not_answer' => 'The supplier does not answer.',
        'suppliers_answer_no_price' => 'The supplier’s answer is no price list.',
    ],
    'how_many' => 'Write how many there are: a whole number from 0 to :most.',
    'and_more' => 'and :more more',
];
