<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Record\OfferMark;
use PHPUnit\Framework\TestCase;

final class OfferMarkTest extends TestCase
{
    public function test_it_rests_on_codes_whatever_the_sentences_are(): void
    {
        $kept = (new OfferMark(['block', 'bore 508000'], ['One cylinder has no reading.']))->text();
        $this->assertTrue((new OfferMark(['block', 'bore 508000'], ['A bore is not read.']))->is($kept));
        $this->assertFalse((new OfferMark(['block', 'bore 762000'], ['One cylinder has no reading.']))->is($kept));
    }

    public function test_an_offer_that_keeps_a_mark_of_sentences_holds_while_they_are_the_same(): void
    {
        $kept = hash('xxh128', '["One cylinder has no reading."]');
        $this->assertTrue((new OfferMark(['block'], ['One cylinder has no reading.']))->is($kept));
        $this->assertFalse((new OfferMark(['block'], ['Two cylinders have no reading.']))->is($kept));
    }
}
