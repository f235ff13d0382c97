<!doctype html>
<html lang="en" data-light="paper">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>Your engine {{ $job->tag() }}</title>
    <link rel="icon" href="data:,">
    @vite(['resources/css/app.css'])
</head>
<body>
<main class="certificate offer">
    <div class="head"><span class="tag">{{ $job->tag() }}</span><h1>{{ $offer->sent->text('verdict') }}</h1></div>
    <p class="soft">
        {{ $sheet->name }}, serial {{ $job->serial }}@if($job->description !== ''), {{ $job->description }}@endif ·
        {{ $job->customer->name }} ·
        {{ config('app.shop') }}@if($offer->answer === null) · answer wanted by {{ $offer->wantedBy()->format('j F') }}@endif
    </p>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    @if($offer->answer !== null)
    <p class="note" role="status"><b>You have answered.</b> {{ ucfirst($line->words) }}. Call us if that is not right.</p>
    @include('offers.ways', ['ways' => $offer->ways()])
    @else
    <form method="post" action="{{ $offer->address('answer') }}">@csrf <x-ulid />
        <div class="field">
            <label for="name">Your name</label>
            <input id="name" name="name" value="{{ old('name') }}" required maxlength="120" autocomplete="name">
            <x-field-error name="name" />
        </div>
        @if($offer->accepts() !== [])
            <h2>With your answer you accept</h2>
            <ul>@foreach($offer->accepts() as $one)<li class="line close">{{ $one['words'] }}</li>@endforeach</ul>
        @endif
        <x-field-error name="way" /><x-field-error name="ulid" />
        @include('offers.ways', ['ways' => $offer->ways(), 'button' => 'Go ahead with this'])
        <div class="field mt-4">
            <label for="remark">Anything to add</label>
            <input id="remark" name="remark" value="{{ old('remark') }}" maxlength="500" autocomplete="off">
        </div>
        <p class="my-4"><button class="button plain" name="way" value="none">None of these: stop the work</button></p>
    </form>
    @endif
    @if($photos !== [])
        <h2>What we found</h2>
        <div class="offer-photos">
            @foreach($photos as $photo)
                <figure>
                    <img src="{{ $photo->address }}" alt="{{ $photo->words }}" loading="lazy">
                    <figcaption>{{ $photo->words }}</figcaption>
                </figure>
            @endforeach
        </div>
    @endif
    @if($offer->unsure() !== [])<p class="mt-4"><b>What we are not sure of.</b> {{ implode(' ', $offer->unsure()) }}</p>@endif
    <p class="soft mt-4">
        Prices without tax, as of {{ $offer->sent->at()->format('j F Y') }}.
        The days hold as long as the parts come as promised.
        @if($offer->answer === null)Nothing is done before you answer.@endif
        Where the engine’s use is regulated, licensed practice comes first.
        </p>
    @if($offer->answer === null)
    <form method="post" action="{{ $offer->address('ask') }}" class="fields inline-fields no-print">@csrf <x-ulid />
        <div class="field">
            <label for="ask-name">Your name</label>
            <input id="ask-name" name="name" value="{{ old('name') }}" maxlength="120" required autocomplete="name">
        </div>
        <div class="field grow">
            <label for="question">A question, or what you want otherwise</label>
            <input id="question" name="question" value="{{ old('question') }}" maxlength="500" required autocomplete="off">
            <x-field-error name="question" />
        </div>
        <p><button class="button plain">Send</button></p>
    </form>
    @endif
</main>
</body>
</html>
