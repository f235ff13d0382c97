<?php

declare(strict_types=1);

/** What a person could change so that something would pass. */
return [
    'stays_with' => 'would pass with :ways.',
    'limit' => 'a limit of :limit for :criterion (now :now)',
    'concession' => 'the customer’s signed concession for its pits',
    'free_the_valve' => 'The :kind valve of :cylinder sticks: free it, and it passes.',
    'repeat' => ':subject, :criterion: out by less than the gauge uncertainty. Read it again, and let a second person read it.',
];
