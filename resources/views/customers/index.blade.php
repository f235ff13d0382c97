@extends('layouts.house')
@section('title', 'Customers')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head"><h1>Customers</h1></div>
    <form method="get" action="/customers" class="fields inline-fields">
        <div class="field"><label for="q">Name</label><input id="q" name="q" type="search" value="{{ $typed }}" autocomplete="off"></div>
        <p><button class="button plain">Find</button></p>
    </form>
    @if($customers->isEmpty())<p class="note">Nobody has that name. A customer comes in with their first engine.</p>@else
    <div class="scroll-x" tabindex="0" role="region" aria-label="Customers">
        <table class="ledger mt-3">
            <thead><tr><th scope="col">Name</th><th scope="col">Phone</th><th scope="col">E-mail</th></tr></thead>
            <tbody>
    @foreach($customers as $customer)
        <tr>
            <td><a class="row-link" href="/customers/{{ $customer->id }}"><b>{{ $customer->name }}</b></a></td>
            <td class="num">{{ $customer->phone }}</td>
            <td>{{ $customer->email }}</td>
        </tr>
    @endforeach
    </tbody></table></div>@endif
</main></div>
@endsection
