/** Who may use the service: accounts, sign-in by session or token, and what each role may do. */
package org.ropebridge.service.accounts;
