/**
 * Stands in the head of every page and listens before the page is awake (ui/theme/preHydrationInput hears of it then): which fields a
 * hand wrote in, and which form was sent. A form that nobody listens to yet would be sent to this page's own address and take
 * what was typed with it. What the browser itself puts back into a page that was reloaded is not trusted input, and no entry.
 */
export const preHydrationScript =
  "window.ivrekTyped=new WeakSet;addEventListener('input',function(e){if(e.isTrusted)window.ivrekTyped.add(e.target)},true);" +
  "addEventListener('submit',function(e){if(!document.documentElement.hasAttribute('data-awake')){e.preventDefault();window.ivrekSent=e.target}},true)";
