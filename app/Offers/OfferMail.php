<?php

declare(strict_types=1);

namespace App\Offers;

use App\Record\JobFile;
use App\Record\Offer;
use App\Words\Line;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** The offer as a message: the ways in short, and the address where it is answered. */
final class OfferMail extends Mailable
{
    public function __construct(private readonly Offer $offer, private readonly JobFile $file)
    {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: Line::of('offer.mail_subject', ['tag' => $this->file->job->tag()]));
    }

    public function content(): Content
    {
        return new Content(text: 'offers.mail', with: ['offer' => $this->offer, 'file' => $this->file]);
    }
}
