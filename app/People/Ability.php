<?php

declare(strict_types=1);

namespace App\People;

enum Ability: string
{
    case Receive = 'receive';
    case Measure = 'measure';
    case ChoosePlan = 'choose-plan';
    case Work = 'work';
    case Verify = 'verify';
    case Release = 'release';
    case AnswerForCustomer = 'answer-for-customer';
    /** New families, and new revisions of what is known of one. */
    case KeepSpecs = 'keep-specs';
    case KeepGauges = 'keep-gauges';
    case RunShop = 'run-shop';
    /** Prices, costs and what a customer can spend; said by person, not by role. */
    case SeePrices = 'see-prices';
}
