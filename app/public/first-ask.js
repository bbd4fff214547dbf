/*
 * Asks the server, while the app itself is still on its way, for what the page will ask it first anyway.
 * `app/src/data/askedAhead.ts` hands the answers over; an answer nobody asks for is let go.
 */
(function () {
  var asked = {};
  window.taxikineAsked = asked;

  function ask(path, headers) {
    asked[path] = fetch('/api/v1' + path, { credentials: 'same-origin', headers: headers });
    // Whoever takes it hears of a failure; here nobody does.
    asked[path].catch(function () {});
  }

  function today() {
    var now = new Date();
    var two = function (n) {
      return (n < 10 ? '0' : '') + n;
    };
    return now.getFullYear() + '-' + two(now.getMonth() + 1) + '-' + two(now.getDate());
  }

  // Who signed out without a line is not let in by a cookie that is still good: see `app/src/data/leaving.ts`.
  function isLeaving() {
    try {
      return localStorage.getItem('taxikine/leaving') !== null;
    } catch {
      return false;
    }
  }

  if (location.pathname === '/home') {
    var token = location.hash.slice(1) || localStorage.getItem('taxikine-home-token');
    if (token) ask('/home?day=' + today(), { Authorization: 'Bearer ' + token });
  } else if (!isLeaving()) {
    ask('/session', {});
  }
})();
