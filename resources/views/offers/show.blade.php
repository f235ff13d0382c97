@extends('layouts.job', ['stage' => \App\Storage\Stage::Plan])
@section('title', $file->job->tag().' offers')
@section('heading', 'Offers')
@section('sheet')
<p class="no-print mt-3"><a class="button plain" href="plan">The plan</a></p>
@if($page->ways !== [])
<section aria-label="What can be offered now">
    <h2>{{ $page->lines === [] ? 'To send' : 'The next offer' }}</h2>
    @include('offers.ways', ['ways' => $page->ways])
    @if($page->unsure !== [])<p><b>What we are not sure of.</b> {{ implode(' ', $page->unsure) }}</p>@endif
    @if($page->accepts !== [])
        <p><b>Accepted with the answer:</b></p>
        <ul>@foreach($page->accepts as $one)<li class="line close">{{ $one }}</li>@endforeach</ul>
    @endif
    @can('answer-for-customer')
    @if(! $file->job->is_closed)
    <form method="post" action="offers" class="fields inline-fields no-print">@csrf <x-ulid />
        <div class="field">
            <label for="by">It goes</label>
            <select id="by" name="by">
                @foreach($page->routes as $route => $words)
                    <option value="{{ $route }}" @selected(old('by', $page->email === '' ? 'telephone' : 'email') === $route)>
                        {{ $words }}@if($route === 'email' && $page->email !== '') to {{ $page->email }}@endif
                    </option>
                @endforeach
            </select>
            <x-field-error name="by" />
        </div>
        <div class="field">
            <label for="wanted-by">Answer wanted by</label>
            <input id="wanted-by" type="date" name="wanted_by" value="{{ old('wanted_by', $page->wantedBy) }}" required>
            <x-field-error name="wanted_by" />
        </div>
        <p><button class="button">Send the offer</button></p>
        <x-field-error name="ulid" />
    </form>
    @endif
    @endcan
</section>
@elseif($page->lines === [])
<p class="note mt-4">There is no plan that can be offered yet. <a href="plan">The plan says what is missing.</a></p>
@endif
@foreach($page->lines as $line)
<section class="mt-6" aria-label="Offer {{ $line->offer->number }}">
    <h2>
        Offer {{ $line->offer->number }}
        <span
            class="stamp small
                {{ $line->state === \App\Record\OfferState::Answered
                ? 'good'
                : ($line->state === \App\Record\OfferState::Open ? 'close' : 'out') }}">{{ $line->words }}</span>
    </h2>
    <p class="soft">
        Sent {{ $line->offer->sent->at()->format('j M Y H:i') }}, {{ __('offer.by.'.$line->offer->sent->text('by')) }}; {{ $line->opened }}.
    </p>
    @if($line->offer->chosenWay() !== null)@include('offers.ways', ['ways' => [$line->offer->chosenWay()]])@endif
    @if($line->offer->answer?->text('remark'))<p>“{{ $line->offer->answer->text('remark') }}”</p>@endif
    @foreach($line->offer->questions as $question)
    <div class="line missing"><p><b>{{ $question->text('name') }} asks:</b> {{ $question->text('words') }}</p>
        @can('answer-for-customer')
            <form method="post" action="offers/{{ $line->offer->id() }}/settle" class="fields inline-fields">
                @csrf
                <x-ulid />
                <input type="hidden" name="question" value="{{ $question->ulid }}">
                <div class="field grow">
                    <label for="how-{{ $question->id }}">What you answered</label>
                    <input id="how-{{ $question->id }}" name="how" maxlength="300" required autocomplete="off">
                </div>
                <p><button class="button plain">Settled</button></p>
            </form>
        @endcan
    </div>
    @endforeach
    @if($line->state === \App\Record\OfferState::Open)
    @can('answer-for-customer')
    <p class="no-print">
        <a class="button plain" href="{{ $line->offer->address('open') }}">The page that the customer sees</a>
        <span class="soft">to print, or to read out</span>
    </p>
    <form method="post" action="offers/{{ $line->offer->id() }}/answer" class="no-print">@csrf <x-ulid />
        @include('offers.ways', ['ways' => $line->offer->ways(), 'button' => 'This one'])
        <div class="fields inline-fields">
        <div class="field">
            <label for="name">Who answered</label>
            <input id="name" name="name" value="{{ old('name') }}" maxlength="120" required autocomplete="off">
            <x-field-error name="name" />
        </div>
        <div class="field">
            <label for="how">How</label>
            <select id="how" name="by">
                @foreach($page->routes as $route => $words)
                    <option value="{{ $route }}" @selected(old('by', 'telephone') === $route)>{{ $words }}</option>
                @endforeach
            </select>
        </div>
        <div class="field grow">
            <label for="remark">Remark</label>
            <input id="remark" name="remark" value="{{ old('remark') }}" maxlength="500" autocomplete="off">
        </div>
        <x-field-error name="way" />
        <p><button class="button plain" name="way" value="none">None of these</button></p></div>
    </form>
    <form method="post" action="offers/{{ $line->offer->id() }}/withdraw" class="fields inline-fields no-print">
        @csrf
        <x-ulid />
        <div class="field grow">
            <label for="reason">Take it back, because</label>
            <input id="reason" name="reason" maxlength="200" required autocomplete="off">
            <x-field-error name="reason" />
        </div>
        <p><button class="button plain">Take it back</button></p>
    </form>
    @endcan
    @endif
</section>
@endforeach
@endsection
@section('margin')
<x-stamp :stamp="$page->stamp" />
<h2>The customer</h2>
<p>
    <b>{{ $file->job->customer->name }}</b>
    @if($file->job->customer->phone !== '')<br><span class="num">{{ $file->job->customer->phone }}</span>@endif
    @if($file->job->customer->email !== '')<br>{{ $file->job->customer->email }}@endif
</p>
<p><a class="button plain" href="/customers/{{ $file->job->customer_id }}">Customer’s page</a></p>
<p class="soft">Nothing that depends on the answer is worked before it is there.</p>
@can('answer-for-customer')<p><a class="button plain" href="/mailbox">Messages that were sent</a></p>@endcan
@endsection
