@extends('layouts.house')
@section('title', 'Shelf')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head">
        <h1>On the shelf</h1>
        <span>what is there takes no days to come</span>
        <a class="button plain" href="/shop/prices">Price list</a>
    </div>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    @if($lines === [])<p class="soft mt-4">Nothing is noted yet.</p>@else
    <div class="scroll-x" tabindex="0" role="region" aria-label="Shelf">
        <table class="ledger mt-3">
            <thead>
                <tr>
                    <th scope="col">Family</th>
                    <th scope="col">Part</th>
                    <th scope="col">Size</th>
                    <th scope="col" class="n">There</th>
                    <th scope="col" class="n">Promised</th>
                </tr>
            </thead>
            <tbody>
    @foreach($lines as $line)
        <tr>
            <td>{{ $line->family }}</td>
            <td><b>{{ $line->part }}</b></td>
            <td class="num">{{ $line->size }}</td>
            <td class="num n">{{ $line->count }}</td>
            <td class="num n">{{ $line->promised }}</td>
        </tr>
    @endforeach
    </tbody></table></div>@endif
    <h2>Put there, or counted again</h2>
    <form method="post" action="/shop/shelf" class="fields inline-fields">@csrf
        <div class="field">
            <label for="family">Fits</label>
            <select id="family" name="family">
                @foreach($families as $code => $name)
                    <option value="{{ $code }}" @selected(old('family') === $code)>{{ $name }}</option>
                @endforeach
            </select>
            <x-field-error name="family" />
        </div>
        <div class="field">
            <label for="item">Part</label>
            <select id="item" name="item">
                @foreach($items as $item)
                    <option value="{{ $item->value }}" @selected(old('item') === $item->value)>{{ __('price.item.'.$item->value) }}</option>
                @endforeach
            </select>
            <x-field-error name="item" />
        </div>
        <div class="field">
            <label for="size">Over or under standard</label>
            <input id="size" name="size" class="num" size="10" value="{{ old('size') }}" placeholder=".020" autocomplete="off">
            <x-field-error name="size" />
        </div>
        <div class="field">
            <label for="count">How many</label>
            <input id="count" name="count" class="num" size="5" inputmode="numeric" value="{{ old('count') }}" required>
            <x-field-error name="count" />
        </div>
        <p><button class="button">Keep it</button></p></form>
    <p class="soft">Write 0 or “standard” for the standard size; nothing for a part that comes in one size only.</p>
</main></div>
@endsection
