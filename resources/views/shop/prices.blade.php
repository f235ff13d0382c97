@extends('layouts.house')
@section('title', 'Price list')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head">
        <h1>Price list</h1>
        <span>{{ $page->family === '' ? 'for every family' : 'what differs for '.($page->families[$page->family] ?? $page->family) }}</span>
        <a class="button plain" href="/shop">Shop rules</a>
        <a class="button plain" href="/shop/shelf">Shelf</a>
    </div>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    <form method="get" action="/shop/prices" class="fields inline-fields">
        <div class="field">
            <label for="family">Prices for</label>
            <select id="family" name="family">
                <option value="">every family</option>
                @foreach($page->families as $code => $name)
                    <option value="{{ $code }}" @selected($page->family === $code)>{{ $name }}</option>
                @endforeach
            </select>
        </div>
        <p><button class="button plain">Show</button></p>
    </form>
    <p class="soft">
        Washing, looking for cracks, weighing and measuring are within the prices of the work they belong to; their minutes are planned
        as is usual, and learned from the clocks.
    </p>
    @if($page->family !== '')<p class="soft">What stays empty costs what it costs for every family.</p>@endif
    <form method="post" action="/shop/prices" class="mt-3">@csrf <input type="hidden" name="family" value="{{ $page->family }}">
    <div class="scroll-x" tabindex="0" role="region" aria-label="Prices">
    <table class="prices">
        <thead><tr><td></td>@foreach($page->fields as $head)<th scope="col" class="n">{{ $head }}</th>@endforeach</tr></thead>
    <tbody>@foreach($page->rows as $row)
        <tr>
            <th scope="row">{{ $row['name'] }}</th>
            @foreach($page->fields as $field => $head)
                <td class="n">
                    <input
                        name="price[{{ $row['code'] }}][{{ $field }}]" class="num" size="8" inputmode="decimal" autocomplete="off"
                        aria-label="{{ $row['name'] }}, {{ $head }}"
                        value="{{ old("price.{$row['code']}.{$field}", $row['typed'][$field]) }}">
                    <x-field-error :name="'price.'.$row['code'].'.'.$field" />
                </td>
            @endforeach
        </tr>
    @endforeach</tbody></table></div>
    <p class="my-4"><button class="button">Save as a new revision</button> <a class="button plain" href="/shop/prices.csv">As CSV</a></p>
</form>
    <h2>From the supplier, or from a file</h2>
    <form method="post" action="/shop/prices/supplier">
        @csrf
        <p>
            <button class="button plain">Ask the supplier</button>
            <span class="soft">Prices and days of parts; you see what would change before anything does.</span>
        </p>
    </form>
    <form method="post" action="/shop/prices/preview" enctype="multipart/form-data" class="fields mt-4" data-plain-form>@csrf
        <div class="field"><label for="file">A file</label><input id="file" type="file" name="file" accept=".csv,text/csv"></div>
        <div class="field">
            <label for="text">or its text</label>
            <textarea id="text" name="text" rows="3" placeholder="item,family,labour,parts,setup,run,days"></textarea>
        </div>
        <p><button class="button plain">Show what would change</button></p></form>
</main></div>
@endsection
